using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>How lists with a set of headings are read.</summary>
/// <param name="Id">By which it is renamed and deleted.</param>
/// <param name="Name">What somebody calls it.</param>
/// <param name="Headings">The headings, column by column.</param>
/// <param name="Columns">What each column holds.</param>
/// <param name="Answers">What was answered, by question.</param>
public sealed record ListLayout(
    Guid Id,
    string Name,
    IReadOnlyList<string> Headings,
    IReadOnlyList<ColumnMeaning> Columns,
    IReadOnlyDictionary<string, string> Answers
);
