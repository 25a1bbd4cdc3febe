namespace Lacet.Store;

/// <summary>An id is that of another command: nothing was changed.</summary>
/// <param name="says">What that command did.</param>
public sealed class CommandIdTakenException(string says)
    : Exception(
        $"This id is that of another change already: “{says}” Nothing was stored; send it under an id of its own."
    );
