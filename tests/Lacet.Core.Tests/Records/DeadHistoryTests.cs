using Lacet.Core.DeadChecks;
using Lacet.Core.Networks;
using Lacet.Core.Records;

namespace Lacet.Core.Tests.Records;

/// <summary>
/// What was proved dead, and when that counts no more. 29 CFR 1910.147 (from memory): (d)(4) everybody hangs a lock of
/// their own; (e)(3) whoever hung it takes it off; (f)(4) a change of shift hands the locks over. 29 CFR
/// 1910.333(b)(2)(iv) (from memory): a qualified person tests with an instrument, and over 600 V tests that before and
/// after; doing it at every voltage, and again after a pause, is common practice.
/// </summary>
public sealed partial class DeadHistoryTests
{
    private const int Pause = 30;
    private static readonly Guid Panel = Guid.NewGuid();
    private static readonly Guid Ada = Guid.NewGuid();
    private static readonly Guid Bo = Guid.NewGuid();
    private static readonly Guid L1 = Guid.NewGuid();
    private static readonly DateTimeOffset Start = new(2026, 11, 18, 8, 0, 0, TimeSpan.Zero);
    private static readonly IsolatedSource Breaker = new(Guid.NewGuid(), SourceKind.Feed, "LP/Q3", "7");
    private static readonly SourceKind[] Others = [.. Enum.GetValues<SourceKind>().Where(k => k != SourceKind.Feed)];

    [Fact]
    public void It_is_dead_once_it_is_proved_and_while_somebody_works()
    {
        var dead = Proved();
        Assert.Equal(DeadState.Dead, dead.At(Minutes(Pause)).State);
        Assert.Equal(DeadState.Lapsed, dead.At(Minutes(Pause + 1)).State);
        Assert.Equal((Lapse.Pause, Minutes(Pause), null), Why(dead.At(Minutes(50))));

        var worked = dead.After(At(new RecordedEvent.Terminated("", IsWanting: false) { End = Guid.NewGuid() }, 20));
        Assert.Equal(DeadState.Dead, worked.At(Minutes(20 + Pause)).State);
        Assert.Equal(DeadState.Lapsed, worked.At(Minutes(21 + Pause)).State);
    }

    [Fact]
    public void What_comes_after_the_pause_does_not_bring_it_back()
    {
        var late = Proved().After(At(new RecordedEvent.AtWork(), Pause + 5));
        Assert.Equal((Lapse.Pause, Minutes(Pause), null), Why(late));
        // Nor what was done before it and arrives after, nor a clock that was set back.
        var arrives = At(new RecordedEvent.AtWork(), Pause + 5) with { ClaimedAt = Minutes(10) };
        Assert.Equal(DeadState.Lapsed, Proved().After(arrives).State);
        Assert.Equal(DeadState.Lapsed, late.At(Minutes(1)).State);
    }

    [Fact]
    public void Work_that_is_yet_to_come_does_not_keep_it()
    {
        var ahead = At(new RecordedEvent.AtWork(), 10) with { ClaimedAt = Minutes(600) };
        Assert.Equal(Minutes(10 + Pause), Proved().After(ahead).Until);
    }

    [Fact]
    public void Only_work_by_whoever_has_a_lock_on_keeps_it()
    {
        foreach (
            var (elsewhere, by) in new (RecordedEvent, Guid)[]
            {
                (new RecordedEvent.SignedOff { End = Guid.NewGuid() }, Ada),
                (new RecordedEvent.Terminated("", IsWanting: false) { End = Guid.NewGuid() }, Bo),
                (new RecordedEvent.AtWork(), Bo),
            }
        )
        {
            Assert.Equal(Minutes(Pause), Proved().After(At(elsewhere, 20, by)).Until);
        }

        Assert.Equal("Hang your own lock first.", DeadRefusals.OfGoingOn(Proved(), Bo));
        Assert.Null(DeadRefusals.OfGoingOn(Proved(), Ada));
        Assert.StartsWith("Nothing holds", DeadRefusals.OfGoingOn(DeadStanding.Nothing, Ada), StringComparison.Ordinal);
    }

    [Fact]
    public void A_clock_that_is_set_back_does_not_keep_it_longer()
    {
        var dead = Proved().After(At(new RecordedEvent.AtWork(), 20));
        var back = dead.After(At(new RecordedEvent.LockHung("9"), -60, Bo));
        Assert.Equal(Minutes(20 + Pause), back.Until);
    }

    public static TheoryData<string, Lapse> Ends =>
        new()
        {
            { "another’s lock off", Lapse.LockOff },
            { "own lock off", Lapse.LockOff },
            { "shift", Lapse.Shift },
            { "source", Lapse.SourceFound },
            { "live", Lapse.FoundLive },
            { "other sources", Lapse.SourcesChanged },
        };

    [Theory]
    [MemberData(nameof(Ends))]
    public void It_counts_no_more_once_something_changed(string what, Lapse why)
    {
        var ended = Proved().After(At(Ending(what), 5, Bo));
        Assert.Equal((DeadState.Lapsed, (why, Minutes(5), (Guid?)Bo)), (ended.State, Why(ended)));
        Assert.Equal(DeadWork.Lapsed, ended.Work(Ada, Minutes(6)));
        // Nothing but a new proof brings it back.
        Assert.Equal(DeadState.Lapsed, ended.After(At(new RecordedEvent.LockHung("3"), 6, Bo)).State);
        Assert.Equal(DeadState.Dead, ended.After(At(Proof(), 7)).State);
    }

    [Fact]
    public void The_same_sources_again_end_nothing_and_a_found_one_has_to_be_locked()
    {
        Assert.Equal(DeadState.Dead, Proved().After(At(Isolated(), 5)).State);
        var found = Proved().After(At(Ending("source"), 5));
        Assert.False(found.IsLockedOff);
        Assert.Equal("Stairs UPS has no lock on it.", DeadRefusals.OfLocking(found));
        Assert.DoesNotContain(SourceKind.Ups, found.Absent);
    }

    [Fact]
    public void Where_power_was_put_back_nothing_holds_and_the_list_waits_for_the_next_time()
    {
        var live = Proved().After(At(new RecordedEvent.LockTaken(Ada), 5)).After(At(new RecordedEvent.Energised(), 6));
        Assert.Equal((DeadState.Live, 0), (live.State, live.Locks.Count));
        Assert.Null(Assert.Single(live.Sources).Lock);
        Assert.Equal(DeadWork.NotProved, live.Work(Ada, Minutes(7)));
        Assert.Equal(DeadState.LockedOff, live.After(At(Isolated(), 8)).State);
    }

    [Fact]
    public void Whoever_works_has_a_lock_of_their_own()
    {
        var dead = Proved();
        Assert.Equal(DeadWork.Proved, dead.Work(Ada, Minutes(1)));
        Assert.Equal(DeadWork.WithoutOwnLock, dead.Work(Bo, Minutes(1)));
        Assert.Equal(DeadWork.Proved, dead.After(At(new RecordedEvent.LockHung("8"), 2, Bo)).Work(Bo, Minutes(3)));
        Assert.Equal(DeadWork.NotProved, DeadStanding.Nothing.Work(Ada, Minutes(1)));
    }

    [Fact]
    public void A_new_panel_needs_no_proof_and_a_cord_as_long_as_somebody_sees_its_plug()
    {
        var bench = DeadStanding.Nothing.After(At(new RecordedEvent.Exempted(ProofExemption.NewPanel, Pause), 0));
        Assert.Equal(DeadWork.NewPanel, bench.Work(Ada, Minutes(10_000)));
        Assert.Equal(DeadState.Lapsed, bench.After(At(Ending("source"), 5)).State);
        var cord = DeadStanding.Nothing.After(At(new RecordedEvent.Exempted(ProofExemption.Unplugged, Pause), 0));
        Assert.Equal(DeadWork.Unplugged, cord.Work(Ada, Minutes(Pause)));
        Assert.Equal(DeadWork.Lapsed, cord.Work(Ada, Minutes(Pause + 1)));
    }

    [Fact]
    public void Work_alone_says_nothing_of_an_enclosure()
    {
        var made = At(new RecordedEvent.Terminated("", IsWanting: false) { End = Guid.NewGuid() }, 0);
        Assert.Empty(Fold([made]).Enclosures);
        Assert.Equal(DeadState.Dead, Fold([made, .. Events()]).Of(Panel).State);
    }

    [Fact]
    public void How_each_end_was_worked_at_last_is_counted()
    {
        var (one, two) = (Guid.NewGuid(), Guid.NewGuid());
        var history = DeadHistory.Fold([
            (Made(one, DeadWork.NotProved), false),
            (Made(two, DeadWork.Lapsed), false),
            (Made(Guid.NewGuid(), DeadWork.NotProved), false),
            (Made(Guid.NewGuid(), DeadWork.NotProved), true),
            (Made(one, DeadWork.Proved), false),
            (Made(Guid.NewGuid(), DeadWork.NewPanel), false),
        ]);
        Assert.Equal(
            "1 end after the proof had lapsed, 1 end without proof that it was dead.",
            DeadSayings.Says([.. history.Without(Panel)])
        );
        Assert.Null(DeadSayings.Says([.. history.Without(Ada)]));

        static RecordedEvent Made(Guid end, DeadWork how) =>
            At(new RecordedEvent.Terminated("", IsWanting: false), 0) with
            {
                End = end,
                DeadWork = how,
            };
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData(0.0, true)]
    [InlineData(-3.0, true)]
    [InlineData(3.1, false)]
    [InlineData(-24.0, false)]
    [InlineData(double.NaN, false)]
    public void A_few_volts_are_the_instruments_own(double? volts, bool dead) =>
        Assert.Equal(dead, new DeadReading(L1, null, volts).IsDead());

    private static RecordedEvent Ending(string what) =>
        what switch
        {
            "another’s lock off" => new RecordedEvent.LockTaken(Ada),
            "own lock off" => new RecordedEvent.LockTaken(Bo),
            "shift" => new RecordedEvent.ShiftEnded(),
            "source" => new RecordedEvent.SourceFound(new(Guid.NewGuid(), SourceKind.Ups, "Stairs UPS")),
            "live" => new RecordedEvent.ProvedDead(
                new(Instrument.TwoPoleTester, "T1", "proving unit", true, false, [new(L1, null, 231)]),
                Pause
            ),
            _ => new RecordedEvent.Isolated([Breaker with { Lock = "8" }], Others),
        };

    private static DeadHistory Fold(IEnumerable<RecordedEvent> events) =>
        DeadHistory.Fold(events.Select(e => (e, TakenBack: false)));

    private static DeadStanding Proved() => Fold(Events()).Of(Panel);

    private static RecordedEvent[] Events() =>
        [At(Isolated(), -10), At(new RecordedEvent.LockHung("1"), -5), At(Proof(), 0)];

    private static RecordedEvent.Isolated Isolated() => new([Breaker], Others);

    private static RecordedEvent.ProvedDead Proof() =>
        new(new(Instrument.TwoPoleTester, "T1", "proving unit", true, true, [new(L1, null, null)]), Pause);

    private static RecordedEvent At(RecordedEvent what, double minutes, Guid? by = null) =>
        what with
        {
            Person = by ?? Ada,
            Enclosure = Panel,
            ClaimedAt = Minutes(minutes),
            ReceivedAt = Minutes(minutes),
        };

    private static DateTimeOffset Minutes(double after) => Start.AddMinutes(after);

    private static (Lapse, DateTimeOffset, Guid?) Why(DeadStanding standing) =>
        (standing.Lapsed!.Why, standing.Lapsed.At, standing.Lapsed.By);
}
