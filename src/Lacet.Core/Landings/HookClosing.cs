namespace Lacet.Core.Landings;

/// <summary>Whether a hook is closed once it is seated.</summary>
public enum HookClosing
{
    /// <summary>Squeezed closed round the screw.</summary>
    Closed,

    /// <summary>Left as it was bent.</summary>
    Open,
}
