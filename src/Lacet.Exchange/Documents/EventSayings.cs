using Lacet.Core.DeadChecks;
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
            { Kind: EventKind.NameJoined } => "A name that was only typed was joined to a person.",
            { Kind: EventKind.Withdrawal } => "An earlier event was taken back.",
            { Rework: { } rework } => Say(rework),
            { Continuity: { } tested } => Say(tested),
            { Dead: { } dead } => Say(recorded.Kind, dead, recorded.Person.Id),
            { Park: { } reason } => $"Set aside: {Say(reason)}.",
            _ => null,
        };

    /// <summary>How the enclosure stood while work was done, where that is to be known; null where all was well.</summary>
    public static string? Says(this DeadWork standing) =>
        standing switch
        {
            DeadWork.WithoutOwnLock => "Done without a lock of their own.",
            DeadWork.NewPanel => "On the bench: nothing fed it.",
            DeadWork.Unplugged => "Unplugged, with the plug in sight.",
            DeadWork.Lapsed => "Done after the proof that it was dead had lapsed.",
            DeadWork.NotProved => "Done without proof that it was dead.",
            _ => null,
        };

    private static string? Say(EventKind kind, DeadRecordDocument dead, Guid person) =>
        (kind, dead) switch
        {
            (EventKind.Isolation, { Sources: { } sources }) => $"{dead.Enclosure}: {Say(sources)}.",
            (EventKind.LockOn, { Lock: { } number }) => $"{dead.Enclosure}: own lock {number} on.",
            (EventKind.LockOff, { Owner: { } owner }) => owner == person
                ? $"{dead.Enclosure}: own lock off."
                : $"{dead.Enclosure}: took off the lock of somebody who is not here, knows of it, and left nobody inside.",
            (EventKind.ProvedDead, { Proof: { } proof }) => Say(dead.Enclosure, proof),
            (EventKind.SourceFound, { Sources: [var found] }) =>
                $"{dead.Enclosure}: another source found, {found.Name} ({found.Kind.DisplayName()}).",
            (EventKind.AtWork, _) => $"{dead.Enclosure}: still at work.",
            (EventKind.ShiftEnd, _) => $"{dead.Enclosure}: the shift ends.",
            (EventKind.Exemption, { Exemption: ProofExemption.NewPanel }) =>
                $"{dead.Enclosure}: a new panel that nothing feeds; nothing to prove.",
            (EventKind.Exemption, _) => $"{dead.Enclosure}: unplugged, the plug in sight; nothing to prove.",
            (EventKind.Energised, _) => $"{dead.Enclosure}: power put back, every lock off.",
            _ => null,
        };

    private static string Say(IReadOnlyList<IsolatedSource> sources) =>
        sources.Count == 0
            ? "no source"
            : string.Join(
                "; ",
                sources.Select(s =>
                    s.Lock is { } number ? $"{s.Name} locked with {number}"
                    : s.DischargeMinutes is { } minutes
                        ? FormattableString.Invariant($"{s.Name} discharged in {minutes} min")
                    : $"{s.Name} without a lock"
                )
            );

    private static string Say(string enclosure, DeadProofDocument proof)
    {
        var live = proof.Readings.Where(r => !new DeadReading(r.From, r.To, r.Volts).IsDead()).ToList();
        return live is [var first, ..]
            ? FormattableString.Invariant($"{enclosure}: live, {first.Volts} V between {first.Says}.")
            : FormattableString.Invariant(
                $"{enclosure}: proved dead, {proof.Readings.Count} readings with {proof.Name}, proved on {proof.ProvedOn} before and after."
            );
    }

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
