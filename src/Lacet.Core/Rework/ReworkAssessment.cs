using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Rework;

/// <summary>What becomes of an end that something is wrong with, and what that costs of its wire.</summary>
/// <param name="Verdict">The hardest of all its faults.</param>
/// <param name="Faults">Each fault by itself, the hardest first.</param>
/// <param name="Effective">What the conductor is still worth; null where no strands are counted as lost.</param>
/// <param name="Allowed">How many lost strands pass.</param>
/// <param name="Spent">How much wire it costs; null where it costs some and nobody said what is stripped.</param>
/// <param name="Left">How much is free afterwards; null where nobody measured.</param>
/// <param name="NeedsPigtail">Whether too little is left, so that a pigtail makes up for it; false where nobody
/// measured.</param>
public sealed record ReworkAssessment(
    FaultVerdict Verdict,
    IReadOnlyList<JudgedFault> Faults,
    EffectiveSize? Effective,
    int Allowed,
    Length? Spent,
    Length? Left,
    bool NeedsPigtail
)
{
    private const string Practice = "common practice";

    /// <summary>
    /// Assesses an end. Throws <see cref="ImpossibleInputException"/> where there are not so many strands.
    /// </summary>
    public static ReworkAssessment Of(SpoiledEnd end)
    {
        var effective =
            end.Made.StrandsLost != 0 || end.Made.Strands is not null
                ? EffectiveSize.Of(end.Conductor, end.Strands, end.Made.StrandsLost)
                : null;
        var allowed = end.InLug ? 0 : StrandLossLimit.For(end.Strands, end.Class);
        var judged = end
            .Made.Faults.Select(f => Judge(f, end, allowed))
            .OrderByDescending(f => f.Verdict)
            .ThenBy(f => f.Fault)
            .ToList();
        var verdict = judged.Select(f => f.Verdict).DefaultIfEmpty(FaultVerdict.Accept).Max();
        Length? spent =
            verdict == FaultVerdict.CutBack
                ? end.Strip is { } strip
                    ? FreeLength.Spent(strip)
                    : null
                : new Length(0);
        Length? Less(Length? of) =>
            of is { } some && spent is { } less ? new Length(Math.Max(0, (some - less).Millimetres)) : null;
        var left = Less(end.Free);
        var isShort = FreeLength.IsShort(left, Less(end.PastOpening), end.Opening);
        return new(verdict, judged, effective, allowed, spent, left, isShort);
    }

    private static JudgedFault Judge(Fault fault, SpoiledEnd end, int allowed)
    {
        return fault == Fault.StrandsCut
            ? Strands(end, allowed)
            : Spoiled(fault, end.Conductor.Build == Build.Solid) ?? Unseated(fault, end);
    }

    /// <summary>What no hand puts right again; null where the metal is whole.</summary>
    private static JudgedFault? Spoiled(Fault fault, bool solid) =>
        fault switch
        {
            Fault.Nick => CutBack(
                fault,
                solid
                    ? (FormattableString)$"Solid wire breaks at a notch when it is bent or tugged."
                    : $"A notch across the bundle weakens strands that nobody counted.",
                $"Cut it off behind the notch, and strip with the hole for this size."
            ),
            Fault.Ring => solid
                ? CutBack(
                    fault,
                    $"A ring round solid wire is where it will break.",
                    $"Cut it off behind the ring, and strip straight: no turning."
                )
                : CutBack(
                    fault,
                    $"A ring across the strands is a nick in each of the outer ones.",
                    $"Cut it back, or count the strands that are nicked."
                ),
            Fault.OpenedHook => CutBack(
                fault,
                $"Metal hardens where it was bent, and a hook that was opened breaks at the bend.",
                $"Cut the hook off, and bend a new one."
            ),
            Fault.OverTwist => CutBack(
                fault,
                $"Twisted too far, strands lie across each other and break one by one.",
                $"Cut it off, and twist the new end only until it is round."
            ),
            Fault.WrongWay => CutBack(
                fault,
                $"A hook against the screw’s turn is pushed out as the screw goes in, and turned round it would be opened.",
                $"Cut the hook off, and bend a new one clockwise."
            ),
            Fault.Scorched => CutBack(
                fault,
                $"Heat softens copper and makes insulation brittle, and dark metal does not hold.",
                $"Cut it back to bright metal and supple insulation, replace what it sat in, and find out what it carried."
            ),
            _ => null,
        };

    /// <summary>What is only badly seated.</summary>
    private static JudgedFault Unseated(Fault fault, SpoiledEnd end)
    {
        return fault switch
        {
            Fault.TooShort => PutRight(
                $"Too little is bare: insulation comes under the clamp, or the tip does not reach.",
                $"Strip the end on to its window: that costs no wire."
            ),
            Fault.TooLong => PutRight(
                $"Bare metal would show outside the landing.",
                $"Trim the tip until the strip is in its window."
            ),
            Fault.InsulationCaught => PutRight(
                $"Insulation under the clamp yields with time, and the joint goes loose.",
                $"Take it off, strip the end on to its window, and land it again."
            ),
            Fault.StrandOut => end.Conductor.Build == Build.Solid
                ? PutRight($"Metal stands outside the landing.", $"Take it off, and seat all of it.")
                : PutRight(
                    $"A strand outside carries nothing, and may touch its neighbour.",
                    $"Take it off, gather every strand, and land it again; cut back if one broke."
                ),
            Fault.DoubleStacked => PutRight(
                $"One landing takes one conductor unless it is marked for two.",
                $"Take both off, splice them, and bring one pigtail to the landing."
            ) with
            {
                Source = "NEC 110.14(A) (from memory)",
            },
            Fault.BadSolder => PutRight(
                $"Dull, cracked round the wire or a ball: it never wetted both, or moved while it set.",
                $"Draw the old solder off, flux, and solder anew; hold still until it has set. A lifted tag is replaced."
            ),
            _ => PutRight(
                $"What moves when it is tugged gets warm.",
                $"Look why: strands, strip and seat; then tighten once to the value."
            ),
        };

        JudgedFault PutRight(FormattableString says, FormattableString @do) =>
            end.InHook
                ? CutBack(
                    fault,
                    says,
                    $"It comes off its screw, and a hook that was opened is never used again: cut it off behind the bend, and make a new one."
                )
                : new(fault, FaultVerdict.PutRight, says, @do, Practice);
    }

    private static JudgedFault CutBack(Fault fault, FormattableString says, FormattableString @do) =>
        new(fault, FaultVerdict.CutBack, says, @do, Practice);

    private static JudgedFault Strands(SpoiledEnd end, int allowed)
    {
        var passes = end.Made.StrandsLost <= allowed;
        return new(
            Fault.StrandsCut,
            passes ? FaultVerdict.Accept : FaultVerdict.CutBack,
            $"{end.Made.StrandsLost} of {end.Strands} strands are lost; {(end.InLug ? "a lug allows none" : allowed == 0 ? "none may be" : $"up to {allowed} may be")}.",
            passes
                ? (FormattableString)$"Leave it, and note it."
                : $"Cut it back, and strip with the hole for this size.",
            StrandLossLimit.Source
        );
    }
}
