namespace Lacet.Core.Quantities;

/// <summary>Which of a window's three values is meant.</summary>
public enum WindowPart
{
    /// <summary>What to aim at; rounded to the nearest step that lies inside the window.</summary>
    Target,

    /// <summary>The least that passes; rounded up.</summary>
    Least,

    /// <summary>The most that passes; rounded down.</summary>
    Most,
}
