using Lacet.Core.Landings;
using Lacet.Core.Records;
using Lacet.Core.Rework;

namespace Lacet.Exchange.Documents;

/// <summary>What happened at an end, in a sentence.</summary>
public static class EventSayings
{
    /// <summary>The sentence; null for a termination, which its readings say.</summary>
    public static string? Says(this EventDocument recorded) =>
        recorded switch
        {
            { Kind: EventKind.Check } => "A landed end was looked at and tugged.",
            { Kind: EventKind.SignOff } => "Signed for by another.",
            { Kind: EventKind.Withdrawal } => "An earlier event was taken back.",
            { Rework: { } rework } => Say(rework),
            { Continuity: { } tested } => Say(tested),
            { Park: { } reason } => $"Set aside: {Say(reason)}.",
            _ => null,
        };

    private static string Say(ReworkRecordDocument rework)
    {
        var lost = rework.Strands is { } strands
            ? $"{rework.Damaged} of {strands} strands lost"
            : $"{rework.Damaged} strands lost";
        var all =
            rework.Faults.Count == 0
                ? lost
                : string.Join(", ", rework.Faults.Select(f => f == Fault.StrandsCut ? lost : Say(f)));
        var verdict = rework.Verdict switch
        {
            FaultVerdict.CutBack => "cut it back",
            FaultVerdict.PutRight => "put it right",
            _ => "leave it",
        };
        return $"{char.ToUpperInvariant(all[0])}{all[1..]}: {verdict}.";
    }

    private static string Say(ContinuityRecordDocument tested)
    {
        var failed = tested.Readings.Where(r => !r.IsWhole).ToList();
        var first = FormattableString.Invariant(
            $"Pin map tested: {tested.Readings.Count - failed.Count} of {tested.Readings.Count} pins pass"
        );
        return string.Join(
                "; ",
                failed
                    .Select(r =>
                        r.Ohms is { } ohms
                            ? FormattableString.Invariant($"pin {r.Pin} to {r.Terminal} reads {ohms} Ω")
                            : FormattableString.Invariant($"pin {r.Pin} to {r.Terminal} has no reading")
                    )
                    .Prepend(first)
            ) + ".";
    }

    private static string Say(ParkReason reason) =>
        reason switch
        {
            ParkReason.WaitsForPart => "waits for a part or a tool",
            ParkReason.WaitsForOther => "somebody else must do something first",
            ParkReason.NoAccess => "cannot be reached",
            ParkReason.Unclear => "the plan is not clear",
            _ => "cannot be made dead now",
        };

    private static string Say(Fault fault) =>
        fault switch
        {
            Fault.Nick => "nicked",
            Fault.StrandsCut => "strands lost",
            Fault.Ring => "ringed by the stripper",
            Fault.OpenedHook => "hook was opened",
            Fault.OverTwist => "twisted too far",
            Fault.TooShort => "stripped too short",
            Fault.TooLong => "stripped too long",
            Fault.InsulationCaught => "insulation caught",
            Fault.StrandOut => "strand stands out",
            Fault.WrongWay => "hook the wrong way",
            Fault.DoubleStacked => "two where one belongs",
            Fault.BadSolder => "solder dull, cracked, a ball",
            Fault.Loose => "loose",
            _ => "scorched",
        };
}
