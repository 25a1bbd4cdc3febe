using Lacet.Core.DeadChecks;

namespace Lacet.Core.Records;

/// <summary>How an enclosure stands, in a sentence.</summary>
public static class DeadSayings
{
    /// <summary>The sentence.</summary>
    /// <param name="standing">As of a moment.</param>
    public static string Says(this DeadStanding standing) =>
        standing.State switch
        {
            DeadState.Dead => "Proved dead.",
            DeadState.Exempt => standing.Exemption == ProofExemption.NewPanel
                ? "A new panel on the bench: nothing feeds it, so there is nothing to prove."
                : "Unplugged, with the plug in sight: there is nothing to prove.",
            DeadState.Lapsed => $"{standing.Lapsed!.Why.Says()} Prove it dead again before a hand goes in.",
            DeadState.LockedOff => "Every source is kept off. Dead is not proved yet.",
            DeadState.Live => "Power is on.",
            _ => "It counts as live.",
        };

    /// <summary>Whether work was done without a proof that held and a lock of one’s own, where there was to be one.</summary>
    public static bool IsWithout(this DeadWork how) =>
        how is DeadWork.NotProved or DeadWork.Lapsed or DeadWork.WithoutOwnLock;

    /// <summary>What is to be known of how an enclosure’s ends were worked at; null where all was well.</summary>
    public static string? Says(IReadOnlyCollection<(DeadWork How, int Ends)> without) =>
        without.Count == 0
            ? null
            : string.Join(
                ", ",
                without.Select(w =>
                    FormattableString.Invariant($"{w.Ends} {(w.Ends == 1 ? "end" : "ends")} ")
                    + w.How switch
                    {
                        DeadWork.WithoutOwnLock => "without a lock of their own",
                        DeadWork.Lapsed => "after the proof had lapsed",
                        _ => "without proof that it was dead",
                    }
                )
            ) + ".";

    /// <summary>Why a proof counts no more.</summary>
    public static string Says(this Lapse why) =>
        why switch
        {
            Lapse.Pause => "Nobody worked there for longer than the job’s pause.",
            Lapse.Shift => "The shift has changed.",
            Lapse.LockOff => "A lock came off.",
            Lapse.SourceFound => "Another source was found.",
            Lapse.FoundLive => "It was found live.",
            Lapse.SourcesChanged => "The list of its sources was changed.",
            _ => throw new ArgumentOutOfRangeException(nameof(why), why, null),
        };
}
