namespace Lacet.Core.People;

/// <summary>What somebody is allowed to do by the trade’s own rules.</summary>
/// <param name="Says">In their own words, such as “journeyman” and a number; empty where nothing was said.</param>
/// <param name="Until">Its last day; null where it does not end.</param>
public sealed record Qualification(string Says, DateOnly? Until)
{
    /// <summary>Whether it holds on a day.</summary>
    public bool Holds(DateOnly on) => Until is not { } last || on <= last;
}
