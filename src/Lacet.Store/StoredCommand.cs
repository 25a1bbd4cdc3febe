namespace Lacet.Store;

/// <summary>A command as it was stored: what a sender who sends it again is answered by.</summary>
/// <param name="Job">Which job it changed.</param>
/// <param name="Person">Who made it.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Undoes">The command that it undid; null for none.</param>
/// <param name="Kind">What kind of change it was.</param>
/// <param name="Edits">The parts that it changed.</param>
public sealed record StoredCommand(
    Guid Job,
    Guid Person,
    string Says,
    Guid? Undoes,
    CommandKind Kind,
    IReadOnlyList<StoredEdit> Edits
);
