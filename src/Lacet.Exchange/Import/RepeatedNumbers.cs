using System.Globalization;

namespace Lacet.Exchange.Import;

/// <summary>
/// Lists whose numbers are those of potentials: every wire of 24 V is called 24V. Where many rows share their numbers,
/// the wires of one are numbered on; where a few do, it is a slip, and a finding.
/// </summary>
internal static class RepeatedNumbers
{
    /// <summary>So many rows at least, and so great a part of all, are no slips.</summary>
    private const int LeastRows = 5;
    private const double LeastPart = 0.2;

    /// <summary>The rows, each with a number of its own where numbers are potentials.</summary>
    internal static IReadOnlyList<ListRow> NumberedOn(IReadOnlyList<ListRow> rows, Doubts doubts)
    {
        var shared = rows.Where(r => r.Wire is not null)
            .GroupBy(r => r.Wire!.Name, StringComparer.OrdinalIgnoreCase)
            .Where(g => g.Count() > 1)
            .ToDictionary(g => g.Key, g => g.Count(), StringComparer.OrdinalIgnoreCase);
        var many = shared.Values.Sum();
        if (many < LeastRows || many < LeastPart * rows.Count)
        {
            return rows;
        }

        doubts.Count(Doubts.Numbers, many);
        if (doubts.Answer(Doubts.Numbers, "potential") is not "potential")
        {
            return rows;
        }

        var seen = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. rows.Select(row =>
            {
                if (row.Wire is not { } wire || !shared.ContainsKey(wire.Name))
                {
                    return row;
                }

                var next = seen[wire.Name] = seen.GetValueOrDefault(wire.Name) + 1;
                return row with
                {
                    Wire = wire with
                    {
                        Name = string.Create(CultureInfo.InvariantCulture, $"{wire.Name}.{next}"),
                        NameMadeOf = wire.Name,
                    },
                };
            }),
        ];
    }
}
