using System.Collections.Immutable;

namespace Lacet.Exchange.Import;

/// <summary>
/// Finds what all columns hold together: of the ways in which each could hold one of its candidates, the one that
/// explains the list best. Columns are taken from left to right, and of each step the best ways go on.
/// </summary>
internal sealed class ColumnSearch
{
    /// <summary>Ways that go on from one column to the next.</summary>
    private const int Wide = 600;

    /// <summary>By less than this one way is as good as another.</summary>
    private const double Margin = 1.5;

    private static readonly ColumnMeaning[][] Exclusive =
    [
        [
            ColumnMeaning.Length,
            ColumnMeaning.LengthFt,
            ColumnMeaning.LengthM,
            ColumnMeaning.LengthMm,
            ColumnMeaning.LengthCm,
            ColumnMeaning.LengthIn,
        ],
        [ColumnMeaning.Size, ColumnMeaning.Conductor],
        [ColumnMeaning.From, ColumnMeaning.FromDevice],
        [ColumnMeaning.From, ColumnMeaning.FromTerminal],
        [ColumnMeaning.To, ColumnMeaning.ToDevice],
        [ColumnMeaning.To, ColumnMeaning.ToTerminal],
    ];

    private static readonly ulong[] Blocks = MakeBlocks();

    private readonly IReadOnlyList<IReadOnlyList<ColumnCandidate>> _candidates;

    private readonly IReadOnlyList<bool> _tellsRowsApart;

    /// <summary>A search among what each column could hold.</summary>
    /// <param name="candidates">What each could hold.</param>
    /// <param name="tellsRowsApart">Whether each has another cell in every row.</param>
    internal ColumnSearch(
        IReadOnlyList<IReadOnlyList<ColumnCandidate>> candidates,
        IReadOnlyList<bool> tellsRowsApart
    ) => (_candidates, _tellsRowsApart) = (candidates, tellsRowsApart);

    private readonly record struct Way(ulong Taken, double Score, ImmutableList<ColumnMeaning> Meanings);

    /// <summary>What each column holds, and whether no other way comes near.</summary>
    internal IReadOnlyList<(ColumnMeaning Meaning, bool Clear)> Best()
    {
        var ways = new List<Way> { new(0, 0, []) };
        foreach (var column in _candidates)
        {
            var next = new List<Way>(ways.Count * (column.Count + 1));
            foreach (var way in ways)
            {
                next.Add(way with { Meanings = way.Meanings.Add(ColumnMeaning.Note) });
                foreach (var candidate in column)
                {
                    // Remarks may be several.
                    var bit = candidate.Meaning == ColumnMeaning.Remark ? 0 : 1UL << (int)candidate.Meaning;
                    if ((way.Taken & Blocks[(int)candidate.Meaning]) == 0)
                    {
                        next.Add(
                            new(way.Taken | bit, way.Score + candidate.Score, way.Meanings.Add(candidate.Meaning))
                        );
                    }
                }
            }

            ways = next.Count <= Wide ? next : [.. next.OrderByDescending(w => w.Score + Side(w)).Take(Wide)];
        }

        var judged = ways.Select(w => (Way: w, Total: w.Score + Together(w))).OrderByDescending(w => w.Total).ToList();
        var best = judged[0];
        return
        [
            .. best.Way.Meanings.Select(
                (meaning, i) =>
                    (
                        meaning,
                        judged.TrueForAll(o => Same(o.Way.Meanings[i], meaning) || best.Total - o.Total >= Margin)
                            && IsMoreThanGuessed(i, meaning)
                    )
            ),
        ];
    }

    /// <summary>What little speaks for is a guess, however far off every other way is.</summary>
    private bool IsMoreThanGuessed(int column, ColumnMeaning meaning) =>
        meaning is ColumnMeaning.Note or ColumnMeaning.Remark
        || _candidates[column].First(c => c.Meaning == meaning).Score > 1;

    private static bool Same(ColumnMeaning one, ColumnMeaning other) =>
        one == other
        || (Adds(one) && Adds(other))
        // A size is read with whatever stands beside it, under either name.
        || (
            one is ColumnMeaning.Size or ColumnMeaning.Conductor
            && other is ColumnMeaning.Size or ColumnMeaning.Conductor
        );

    /// <summary>A remark, or a function in words of its own, makes no wire another one.</summary>
    private static bool Adds(ColumnMeaning meaning) =>
        meaning is ColumnMeaning.Note or ColumnMeaning.Remark or ColumnMeaning.Function;

    /// <summary>What of a way's shape can be told before its end: a terminal belongs to the device to its left.</summary>
    private static double Side(Way way)
    {
        var score = 0.0;
        for (var i = 0; i < way.Meanings.Count; i++)
        {
            score += way.Meanings[i] switch
            {
                ColumnMeaning.FromTerminal => AfterDevice(
                    way.Meanings,
                    i,
                    ColumnMeaning.FromDevice,
                    ColumnMeaning.ToDevice
                ),
                ColumnMeaning.ToTerminal => AfterDevice(
                    way.Meanings,
                    i,
                    ColumnMeaning.ToDevice,
                    ColumnMeaning.FromDevice
                ),
                _ => 0,
            };
        }

        return score;
    }

    private static double AfterDevice(
        ImmutableList<ColumnMeaning> meanings,
        int terminal,
        ColumnMeaning own,
        ColumnMeaning others
    )
    {
        for (var i = terminal - 1; i >= 0; i--)
        {
            if (meanings[i] == own)
            {
                return i == terminal - 1 ? 1.5 : 1;
            }

            if (meanings[i] == others)
            {
                return -2;
            }
        }

        return -1;
    }

    /// <summary>What speaks for a way as a whole: two ends of one shape, A before B, a number and a size.</summary>
    private double Together(Way way)
    {
        int At(ColumnMeaning meaning) => way.Meanings.IndexOf(meaning);
        bool Has(ColumnMeaning meaning) => At(meaning) >= 0;
        var (from, to) = (Shape(EndColumns.From), Shape(EndColumns.To));
        var score = Side(way);
        score += (from, to) switch
        {
            (End.None, End.None) => -4,
            (not End.None, End.None) => -1.5,
            (End.None, _) => -5,
            _ when from == to => 2,
            _ => -0.5,
        };
        score += Odd(from) + Odd(to);
        if (from != End.None && to != End.None && First(EndColumns.From) > First(EndColumns.To))
        {
            score -= 2;
        }

        // Rows that are told apart by nothing but their cable are numbered by it.
        score +=
            Has(ColumnMeaning.Wire) ? 0.5
            : At(ColumnMeaning.Cable) is >= 0 and var cable && _tellsRowsApart[cable] ? -2.5
            : -0.5;
        score +=
            Has(ColumnMeaning.Size) || Has(ColumnMeaning.Conductor) || Has(ColumnMeaning.Awg) || Has(ColumnMeaning.Mm2)
                ? 0.5
                : -0.5;
        return score;

        End Shape(EndColumns end) =>
            Has(end.Place)
                ? End.Place
                : (Has(end.Device), Has(end.Terminal)) switch
                {
                    (true, true) => End.Parts,
                    (true, false) => End.DeviceOnly,
                    (false, true) => End.TerminalOnly,
                    _ => End.None,
                };

        static double Odd(End end) =>
            end switch
            {
                End.TerminalOnly => -3,
                End.DeviceOnly => -1.5,
                _ => 0,
            };

        int First(EndColumns end) => new[] { end.Place, end.Device, end.Terminal }.Select(At).Where(i => i >= 0).Min();
    }

    private enum End
    {
        None,
        Place,
        Parts,
        DeviceOnly,
        TerminalOnly,
    }

    private static ulong[] MakeBlocks()
    {
        var blocks = new ulong[Enum.GetValues<ColumnMeaning>().Length];
        foreach (
            var meaning in Enum.GetValues<ColumnMeaning>()
                .Where(m => m is not (ColumnMeaning.Note or ColumnMeaning.Remark))
        )
        {
            blocks[(int)meaning] = 1UL << (int)meaning;
        }

        foreach (var group in Exclusive)
        {
            foreach (var meaning in group)
            {
                blocks[(int)meaning] = group.Aggregate(blocks[(int)meaning], (all, m) => all | (1UL << (int)m));
            }
        }

        return blocks;
    }
}
