using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What a machine’s terminals are by their marks (IEC 60947-1 annex L, IEC 60034-8, NEMA ST 20, from memory): which of
/// them are the ends of one winding, coil or supply, and so are never one piece of metal.
/// </summary>
public static class TerminalMarks
{
    private static readonly string[][] Apart =
    [
        ["A1", "A2"],
        ["H1", "H4"],
        ["H1", "H2"],
        ["X1", "X4"],
        ["X1", "X2"],
        ["U", "V", "W"],
        ["U1", "V1", "W1"],
        ["T1", "T2", "T3"],
        ["L1", "L2", "L3"],
        ["L", "N"],
        ["+", "-"],
    ];

    /// <summary>What is written at a terminal: what follows the device’s name.</summary>
    public static string Of(JobLanding landing) =>
        landing.Name[(landing.Name.LastIndexOf(':') + 1)..].Trim().ToUpperInvariant();

    /// <summary>
    /// Terminals of a machine of which no two may be joined outside it: its lines by their identity, and by their marks
    /// the ends of one thing. Where a winding has four leads its inner two may be bridged, so its outer two are taken.
    /// </summary>
    public static IEnumerable<IReadOnlyList<JobLanding>> KeptApart(IReadOnlyList<JobLanding> terminals)
    {
        var lines = terminals.Where(t => t.Identity.IsHot()).ToList();
        if (lines.Count > 1)
        {
            yield return lines;
        }

        var marked = terminals.Where(t => t.Identity == TerminalIdentity.None).ToLookup(Of, StringComparer.Ordinal);
        foreach (var ends in Apart)
        {
            var found = ends.SelectMany(m => marked[m]).ToList();
            var isInner = ends is [_, "H2"] && marked.Contains("H4") || ends is [_, "X2"] && marked.Contains("X4");
            if (found.Count > 1 && !isInner)
            {
                yield return found;
            }
        }
    }
}
