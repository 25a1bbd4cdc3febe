using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Conductors;

namespace Lacet.Exchange.Import;

/// <summary>
/// Rows that are conductors of cables: a column names the cable, or a number stands on a row for each of its conductors,
/// or the row says how many its cable has. A row is one conductor, also where a list has one row a cable: where the
/// others land, only a person knows.
/// </summary>
internal static partial class RowsOfCables
{
    /// <summary>The rows, each with the cable that it is of.</summary>
    internal static IReadOnlyList<ListRow> Named(IReadOnlyList<ListRow> rows, Doubts doubts)
    {
        var said = rows.Select(r => r.Wire is { } wire ? r with { Wire = BySaying(wire) } : r).ToList();
        var shared = said.Where(r => r.Wire is { Make: not null, Cable: null })
            .GroupBy(r => r.Wire!.Name, StringComparer.OrdinalIgnoreCase)
            .Where(g => g.Count() > 1)
            .Select(g => g.Key)
            .ToHashSet(StringComparer.OrdinalIgnoreCase);
        var next = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        var cabled = said.ConvertAll(row =>
            row.Wire is not { Make: { } make, Cable: null } wire ? row
            : shared.Contains(wire.Name)
                ? row with
                {
                    Wire = Numbered(wire, next[wire.Name] = next.GetValueOrDefault(wire.Name) + 1),
                }
            : make.Count > 1 ? row with { Wire = wire with { Cable = wire.Name } }
            : row
        );
        Count(cabled, doubts);
        return ByCable(cabled);
    }

    /// <summary>How many cables there are, and of which of them two rows say different things; sizes may differ in one.</summary>
    private static void Count(List<ListRow> rows, Doubts doubts)
    {
        var cables = rows.Where(r => r.Wire is { Cable: not null })
            .GroupBy(r => r.Wire!.Cable!, StringComparer.OrdinalIgnoreCase)
            .ToList();
        if (cables.Count > 0)
        {
            doubts.Count(Doubts.Cables, cables.Count);
        }

        foreach (var cable in cables)
        {
            var makes = cable.Select(r => r.Wire!.Make).OfType<WireReading>();
            if (makes.Select(m => (m.Count, m.Designation?.Code)).Distinct().Count() > 1)
            {
                doubts.Unknown(Doubts.OtherMakes, cable.Key);
            }
        }
    }

    /// <summary>
    /// What stands in a cell says first what it is: a conduit in a column of cables is a raceway, a cord in one of conduits
    /// a cable, and so is what a conductor of a cable or cord runs in, where nothing says raceway.
    /// </summary>
    private static ListedWire BySaying(ListedWire wire) =>
        wire.Cable is { } named
            ? Raceway().IsMatch(named)
                ? wire with
                {
                    Cable = null,
                    Run = wire.Run ?? named,
                }
                : wire
            : wire.Run is { } run && !Raceway().IsMatch(run) && (Cable().IsMatch(run) || wire.Make is not null)
                ? wire with
                {
                    Cable = run,
                    Run = null,
                }
                : wire;

    /// <summary>Cores that are numbered in each cable anew are told apart by their cables: W1.1, W2.1, and then W1.2 too.</summary>
    private static IReadOnlyList<ListRow> ByCable(List<ListRow> rows)
    {
        var isTwice = rows.Where(r => r.Wire is { NameMadeOf: null })
            .GroupBy(r => r.Wire!.Name, StringComparer.OrdinalIgnoreCase)
            .Any(g =>
                g.Select(r => r.Wire!.Cable).OfType<string>().Distinct(StringComparer.OrdinalIgnoreCase).Count() > 1
            );
        return !isTwice
            ? rows
            :
            [
                .. rows.Select(row =>
                    row.Wire is { NameMadeOf: null, Cable: { } cable } wire
                    && !string.Equals(cable, wire.Name, StringComparison.OrdinalIgnoreCase)
                        ? row with
                        {
                            Wire = wire with { Name = $"{cable}.{wire.Name}" },
                        }
                        : row
                ),
            ];
    }

    private static ListedWire Numbered(ListedWire wire, int number) =>
        wire with
        {
            Cable = wire.Name,
            Name = string.Create(CultureInfo.InvariantCulture, $"{wire.Name}.{number}"),
            NameMadeOf = wire.Name,
        };

    /// <summary>Words of the seven languages for a cable or cord, from memory (common practice).</summary>
    [GeneratedRegex(
        @"\b(?:cables?|cords?|kabel\w*|leitung\w*|câbles?|cavo|cavi|cabos?|cordon|cordone|snoer|cbl)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Cable();

    /// <summary>Words of the seven languages for what cables and wires are pulled into, from memory (common practice).</summary>
    [GeneratedRegex(
        @"\b(?:conduits?|raceway|wireway|duct|trunking|tray|emt|rohr|leerrohr|kabelkanal|kanal|kabelrinne|kabelpritsche|gaine|goulotte|chemin|tubo|canal|canaleta|bandeja|canalina|canale|passerella|buis|goot|kabelgoot|calha|eletroduto)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Raceway();
}
