namespace Lacet.Core.Planning;

/// <summary>
/// How often tools are set anew over a piece of work, and an order of its parts in which that is seldom. The first setting
/// of a tool is no change: it has to be set once.
/// </summary>
public static class ToolChanges
{
    /// <summary>Of more kinds of parts than this not every pair is compared: they are only put with their like.</summary>
    private const int MostCompared = 300;

    /// <summary>How often a tool is set anew, from the first piece to the last.</summary>
    public static int Count(IEnumerable<IReadOnlyList<ToolSetting>> work)
    {
        var (at, changes) = (new Dictionary<WorkTool, string>(), 0);
        foreach (var setting in work.SelectMany(settings => settings))
        {
            if (
                at.TryGetValue(setting.Tool, out var before)
                && !string.Equals(before, setting.Key, StringComparison.Ordinal)
            )
            {
                changes++;
            }

            at[setting.Tool] = setting.Key;
        }

        return changes;
    }

    /// <summary>
    /// Parts in an order in which tools are seldom set anew, and never more often than as they were given; the same for
    /// the same parts. What a part is made of stays together and in its order.
    /// </summary>
    public static IReadOnlyList<T> Arrange<T>(
        IReadOnlyList<T> parts,
        Func<T, IEnumerable<IReadOnlyList<ToolSetting>>> work
    )
    {
        var kinds = parts
            .Select(part => (Part: part, Work: work(part).ToList()))
            .GroupBy(
                p => string.Join('\n', p.Work.SelectMany(w => w).Select(s => $"{(int)s.Tool} {s.Key}")),
                StringComparer.Ordinal
            )
            .Select(kind => kind.ToList())
            .ToList();
        var candidates = new List<List<(T Part, List<IReadOnlyList<ToolSetting>> Work)>>
        {
            parts.Select(part => (part, work(part).ToList())).ToList(),
            kinds.SelectMany(k => k).ToList(),
        };
        if (kinds.Count <= MostCompared)
        {
            // Where one begins decides much, and the kinds are few: each is tried where they are.
            candidates.AddRange(
                Enumerable
                    .Range(0, kinds.Count <= 24 ? kinds.Count : 1)
                    .Select(first => Nearest(kinds, first).SelectMany(k => k).ToList())
            );
        }

        // The first of those that are as good: what was given, where nothing is won.
        return [.. candidates.MinBy(c => Count(c.SelectMany(p => p.Work)))!.Select(p => p.Part)];
    }

    /// <summary>From each kind to the one for which least is set anew.</summary>
    private static IEnumerable<List<(T Part, List<IReadOnlyList<ToolSetting>> Work)>> Nearest<T>(
        List<List<(T Part, List<IReadOnlyList<ToolSetting>> Work)>> kinds,
        int first
    )
    {
        var left = kinds.ToList();
        var at = new Dictionary<WorkTool, string>();
        var next = left[first];
        while (true)
        {
            left.Remove(next);
            yield return next;
            foreach (var setting in next[0].Work.SelectMany(settings => settings))
            {
                at[setting.Tool] = setting.Key;
            }

            if (left.Count == 0)
            {
                yield break;
            }

            next = left.MinBy(kind => Anew(kind[0].Work))!;
        }

        int Anew(List<IReadOnlyList<ToolSetting>> work) =>
            work.SelectMany(settings => settings)
                .DistinctBy(s => s.Tool)
                .Count(s =>
                    at.TryGetValue(s.Tool, out var set) && !string.Equals(set, s.Key, StringComparison.Ordinal)
                );
    }
}
