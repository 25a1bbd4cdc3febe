using System.Globalization;

namespace Lacet.Exchange.Import;

/// <summary>
/// Lists that have a row for each end instead of one for each wire: the rows of a number belong together. A number of
/// three ends and more is wires from one end to the next.
/// </summary>
internal static class RowsOfEnds
{
    /// <summary>The rows as wires.</summary>
    internal static IReadOnlyList<ListRow> Joined(
        IReadOnlyList<ListRow> rows,
        IReadOnlyList<ListColumn> columns,
        Doubts doubts
    )
    {
        if (
            columns.Any(c => c.Meaning is ColumnMeaning.To or ColumnMeaning.ToDevice or ColumnMeaning.ToTerminal)
            || !columns.Any(c => c.Meaning is ColumnMeaning.From or ColumnMeaning.FromDevice)
            || !columns.Any(c => c.Meaning == ColumnMeaning.Wire)
        )
        {
            return rows;
        }

        var byName = rows.Where(r => r.Wire is not null)
            .GroupBy(r => r.Wire!.Name, StringComparer.OrdinalIgnoreCase)
            .Select(g => g.ToList())
            .ToList();
        var several = byName.Count(g => g.Count > 1);
        if (several == 0)
        {
            return rows;
        }

        // Where most numbers stand twice, a row is an end; else somebody is asked.
        if (byName.Exists(g => g.Count < 2))
        {
            doubts.Count(Doubts.Rows, byName.Count(g => g.Count < 2));
        }

        if (doubts.Answer(Doubts.Rows, several * 2 > byName.Count ? "ends" : "wires") is not "ends")
        {
            return rows;
        }

        var joined = new List<ListRow>(rows.Where(r => r.Wire is null));
        foreach (var ends in byName)
        {
            Join(ends, joined, doubts);
        }

        return [.. joined.OrderBy(r => r.Row)];
    }

    private static void Join(List<ListRow> ends, List<ListRow> joined, Doubts doubts)
    {
        if (ends.Count == 1)
        {
            joined.Add(ends[0]);
            return;
        }

        if (ends.Count > 2)
        {
            doubts.Count(Doubts.FannedOut);
        }

        for (var i = 1; i < ends.Count; i++)
        {
            var (a, b) = (ends[i - 1].Wire!, ends[i].Wire!);
            var said = ends.ConvertAll(e => e.Wire!);
            joined.Add(
                ends[i - 1] with
                {
                    Wire = a with
                    {
                        Name = ends.Count == 2 ? a.Name : string.Create(CultureInfo.InvariantCulture, $"{a.Name}.{i}"),
                        NameMadeOf = ends.Count == 2 ? a.NameMadeOf : a.Name,
                        To = b.From,
                        Conductor = First(said, w => w.Conductor),
                        Colour = said.Find(w => w.Colour is not null)?.Colour,
                        Function = said.Find(w => w.Function is not null)?.Function,
                        Circuit = First(said, w => w.Circuit),
                        BreakerAmps = said.Find(w => w.BreakerAmps is not null)?.BreakerAmps,
                        Volts = said.Find(w => w.Volts is not null)?.Volts,
                        LoadAmps = said.Find(w => w.LoadAmps is not null)?.LoadAmps,
                        Length = said.Find(w => w.Length is not null)?.Length,
                        Run = First(said, w => w.Run),
                        Cable = First(said, w => w.Cable),
                        Make = First(said, w => w.Make),
                    },
                }
            );
        }

        static T? First<T>(List<ListedWire> wires, Func<ListedWire, T?> of)
            where T : class => wires.Select(of).FirstOrDefault(v => v is not null);
    }
}
