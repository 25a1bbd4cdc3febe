using System.Text.RegularExpressions;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>
/// Rows that say that terminals beside each other are bridged: "jumper", "Steckbrücke", "peigne" in a column of type,
/// function, remark or number, and no size. With a size it is a wire, whatever it is called.
/// </summary>
internal static partial class BridgeRows
{
    private static readonly ColumnMeaning[] Sizes =
    [
        ColumnMeaning.Size,
        ColumnMeaning.Conductor,
        ColumnMeaning.Mm2,
        ColumnMeaning.Awg,
    ];

    private static readonly ColumnMeaning[] Words =
    [
        ColumnMeaning.Build,
        ColumnMeaning.Function,
        ColumnMeaning.Remark,
        ColumnMeaning.Wire,
    ];

    /// <summary>How a row joins its terminals; null where it says no bridge.</summary>
    internal static BridgeForm? Form(IReadOnlyDictionary<ColumnMeaning, string> cells)
    {
        var size = Sizes.Where(cells.ContainsKey).Select(c => cells[c]).FirstOrDefault();
        if (size is not null && !WireListReader.IsNowhere(size))
        {
            return Form(size);
        }

        return Words.Where(cells.ContainsKey).Select(c => Form(cells[c])).FirstOrDefault(f => f is not null);
    }

    /// <summary>The form that a cell says; null where it says none.</summary>
    internal static BridgeForm? Form(string cell) =>
        cell.Length > ImportLimits.Cell || Bridge().Match(cell) is not { Success: true } match ? null
        : match.Groups["comb"].Success ? BridgeForm.Comb
        : match.Groups["link"].Success ? BridgeForm.Link
        : match.Groups["screwed"].Success ? BridgeForm.Screwed
        : BridgeForm.PlugIn;

    /// <summary>
    /// Whether terminals can be bridged: those of one strip; a comb and a link join several devices of one enclosure.
    /// </summary>
    internal static bool CanJoin(BridgeForm form, IReadOnlyList<ListedEnd> ends) =>
        ends.Count >= 2
        && ends.Select(e => e.Enclosure).Distinct(StringComparer.OrdinalIgnoreCase).Count() == 1
        && ends.Select(e => (e.Device, e.Name)).Distinct().Count() == ends.Count
        && (
            form is BridgeForm.Comb or BridgeForm.Link
            || ends.Select(e => e.Device).Distinct(StringComparer.OrdinalIgnoreCase).Count() == 1
        );

    /// <summary>The words of the seven languages, from memory (common practice); a wire jumper is a wire.</summary>
    [GeneratedRegex(
        @"^(?:(?:(?<screwed>screw\S*|schraub\S*)|plug\S*|push\S*|fixed|factory|insulated|internal|\d+[- ]?pole?)\s+)*(?:(?<comb>comb|kamm|peigne|peine|pettine|kamrail|pente)|(?<link>link|verbindungslasche|liaison)|(?<screwed>schraubbrücke|jumper bar)|jumper|jmp|jumpered|bridge|bridged|cross[- ]?connect(?:or|ion)|brücke|steckbrücke|querbrücke|querverbind(?:er|ung)|pont(?:age)?|cavalier|shunt|puente|ponte|ponticello|brug|doorverbinding)s?\b(?!\s*(?:wire|cable|draht|fil\b|hilo|filo|draad|fio))",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Bridge();
}
