using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>Whether a cord is fit, judged by what is seen.</summary>
/// <param name="Verdict">What becomes of it.</param>
/// <param name="Signs">What was seen, the worst first.</param>
/// <param name="School">Why one school would replace and the other fit a plug; null where that makes no
/// difference.</param>
/// <param name="Refit">What fitting a plug costs.</param>
/// <param name="Replace">What a new cord costs.</param>
public sealed record CordTriage(
    CordVerdict Verdict,
    IReadOnlyList<CordSign> Signs,
    FormattableString? School,
    CordWay Refit,
    CordWay Replace
)
{
    /// <summary>The places that nobody looked at yet, in the order of looking.</summary>
    public IReadOnlyList<CordPlace> NotLookedAt { get; private init; } = [];

    /// <summary>
    /// What a bad cord may have spoilt, or been spoilt by, and is looked at next; empty where it is kept or not yet
    /// looked over (common practice).
    /// </summary>
    public IReadOnlyList<Term> LookNext { get; private init; } = [];

    /// <summary>
    /// Judges a cord. Where a plug would do, the house rule decides; where no moulded cord is to be had, the plug it
    /// is. Throws <see cref="Quantities.ImpossibleInputException"/> where a price cannot be.
    /// </summary>
    public static CordTriage Of(
        IReadOnlyCollection<CordCue> seen,
        IReadOnlyCollection<CordPlace> sound,
        DamagedCord rule,
        bool mouldedToBeHad,
        CordPrices prices
    )
    {
        var signs = CordSign.All.Where(s => seen.Contains(s.Cue)).OrderByDescending(s => s.Verdict).ToList();
        // A cord is not kept because nobody ticked anything: each place was looked at and is sound, or something is
        // wrong there.
        CordPlace[] left =
        [
            .. Enum.GetValues<CordPlace>().Where(p => !sound.Contains(p) && signs.TrueForAll(s => s.Place != p)),
        ];
        var worst = signs
            .Select(s => s.Verdict)
            .DefaultIfEmpty(left.Length > 0 ? CordVerdict.LookFirst : CordVerdict.Keep)
            .Max();
        var plugWouldDo = worst == CordVerdict.RefitPlug;
        var replaces = plugWouldDo && rule == DamagedCord.ReplaceWithMouldedCord && mouldedToBeHad;
        var costs = prices.Checked();
        return new(
            replaces ? CordVerdict.ReplaceCord : worst,
            signs,
            plugWouldDo ? SaySchool(replaces, mouldedToBeHad) : null,
            costs.ToRefit(),
            costs.ToReplace()
        )
        {
            NotLookedAt = left,
            LookNext = worst > CordVerdict.PutRight ? Behind : [],
        };
    }

    private static readonly Term[] Behind =
    [
        "The fuse and its holder: the right fuse, bright clips, nothing browned.",
        "The primary wiring from the entry to fuse and switch: supple, nothing scorched, no joint that moves.",
        "Solder where the cord ends: dull, cracked round the wire or a ball is soldered anew.",
        "The earth: from the plug’s pin to the case under 1 Ω, by a screw and not by solder alone.",
        "The receptacle that it was plugged into: a plug that slides in without grip gets hot.",
    ];

    private static FormattableString SaySchool(bool replaces, bool mouldedToBeHad) =>
        replaces
            ? (FormattableString)
                $"House rule: a moulded cord beats a re-fitted plug where it can be had. The other school fits a plug, every strand caught and the clamp on the jacket."
        : mouldedToBeHad
            ? (FormattableString)
                $"House rule: a plug is fitted on a sound cord. The other school puts in a moulded cord where it can be had."
        : $"No moulded cord is to be had: a plug is fitted, every strand caught and the clamp on the jacket.";
}
