namespace Lacet.Store;

/// <summary>How lists with a set of headings are read.</summary>
/// <param name="Headings">The headings, as one text.</param>
/// <param name="Id">By which it is renamed and deleted.</param>
/// <param name="Name">What somebody calls it.</param>
/// <param name="Body">What the columns hold and what was answered, as JSON.</param>
public sealed record ListLayoutRow(string Headings, Guid Id, string Name, string Body);
