using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>What somebody says of a list.</summary>
/// <param name="JobId">The job that it goes into; null for a new one.</param>
/// <param name="Encoding">How the file's text is written; null to find it.</param>
/// <param name="Sheet">Which sheet; null for the first that looks like a wire list.</param>
/// <param name="HeadingRow">The row of headings, from 1; 0 where there is none; null to find it.</param>
/// <param name="Columns">What each column holds, in order; null to recognise them.</param>
/// <param name="Said">Places of the columns that somebody said, from 0; the others are as they were found. Null for
/// all.</param>
/// <param name="Answers">Answers to questions, by id.</param>
/// <param name="Corrections">Cells that were put right.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
/// <param name="Drawing">The drawing that the list was made from.</param>
/// <param name="Revision">That drawing's revision.</param>
/// <param name="Replaces">Whether wires of the list's enclosures that are not in it are taken out.</param>
/// <param name="Afresh">Whether it is read without what is remembered of lists with its headings.</param>
public sealed record ImportSettings(
    Guid? JobId = null,
    string? Encoding = null,
    string? Sheet = null,
    int? HeadingRow = null,
    IReadOnlyList<ColumnMeaning>? Columns = null,
    IReadOnlyList<int>? Said = null,
    IReadOnlyDictionary<string, string>? Answers = null,
    IReadOnlyList<CellCorrection>? Corrections = null,
    string Enclosure = "Panel",
    string? Drawing = null,
    string? Revision = null,
    bool Replaces = false,
    bool Afresh = false
);
