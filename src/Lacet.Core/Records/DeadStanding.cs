using Lacet.Core.DeadChecks;

namespace Lacet.Core.Records;

/// <summary>How an enclosure stands by what was recorded of its sources, locks and proofs.</summary>
public sealed record DeadStanding
{
    /// <summary>One that nothing was recorded of.</summary>
    public static DeadStanding Nothing { get; } = new();

    /// <summary>Its sources.</summary>
    public IReadOnlyList<IsolatedSource> Sources { get; private init; } = [];

    /// <summary>Kinds of sources that were looked for, and are not there.</summary>
    public IReadOnlyList<SourceKind> Absent { get; private init; } = [];

    /// <summary>When the sources were listed last; null while nobody did.</summary>
    public DateTimeOffset? IsolatedAt { get; private init; }

    /// <summary>Each person’s own lock that hangs, the oldest first.</summary>
    public IReadOnlyList<OwnLock> Locks { get; private init; } = [];

    /// <summary>The proof that holds; null while none does.</summary>
    public RecordedEvent.ProvedDead? Proof { get; private init; }

    /// <summary>Why nothing is proved; null where that is to be.</summary>
    public ProofExemption? Exemption { get; private init; }

    /// <summary>That the last proof counts no more; null while one holds, and where there never was one.</summary>
    public Lapsed? Lapsed { get; private init; }

    /// <summary>When somebody worked there last, as far as the proof is concerned.</summary>
    public DateTimeOffset LastWork { get; private init; }

    private TimeSpan Pause { get; init; }
    private bool IsLive { get; init; }

    /// <summary>The server’s clock at the last event: it does not hold longer because that was set back.</summary>
    private DateTimeOffset Latest { get; init; }

    /// <summary>How it stands, as of what was recorded or of <see cref="At"/>.</summary>
    public DeadState State =>
        IsLive ? DeadState.Live
        : Proof is not null ? DeadState.Dead
        : Exemption is not null ? DeadState.Exempt
        : Lapsed is not null ? DeadState.Lapsed
        : IsLockedOff ? DeadState.LockedOff
        : DeadState.NotProved;

    /// <summary>Whether every kind of source was looked for, and each that is there is kept off.</summary>
    public bool IsLockedOff =>
        IsolatedAt is not null
        && Sources.All(s => s.IsSafe())
        && Enum.GetValues<SourceKind>().All(k => Absent.Contains(k) || Sources.Any(s => s.Kind == k));

    /// <summary>When it will count no more if nobody works there until then; null where no time ends it.</summary>
    public DateTimeOffset? Until =>
        Proof is not null || Exemption == ProofExemption.Unplugged ? LastWork + Pause : null;

    /// <summary>When stored energy is gone, by its plates; null where there is none.</summary>
    public DateTimeOffset? DischargedAt =>
        IsolatedAt is { } at && Sources.Max(s => s.DischargeMinutes) is { } minutes ? at.AddMinutes(minutes) : null;

    /// <summary>How it stands at a moment: a pause may have ended what was proved.</summary>
    public DeadStanding At(DateTimeOffset now)
    {
        var moment = now > Latest ? now : Latest;
        return Until is { } until && moment > until ? Ended(new(Lapse.Pause, until, null)) : this;
    }

    /// <summary>How somebody stood who worked there at a moment.</summary>
    public DeadWork Work(Guid person, DateTimeOffset now) =>
        At(now) switch
        {
            { Proof: not null } dead => dead.Locks.Any(l => l.Person == person)
                ? DeadWork.Proved
                : DeadWork.WithoutOwnLock,
            { Exemption: ProofExemption.NewPanel } => DeadWork.NewPanel,
            { Exemption: ProofExemption.Unplugged } => DeadWork.Unplugged,
            { Lapsed: not null, IsLive: false } => DeadWork.Lapsed,
            _ => DeadWork.NotProved,
        };

    /// <summary>Whether somebody may be inside: a lock hangs, or something holds that may lapse.</summary>
    public bool IsInUse => Locks.Count > 0 || Until is not null;

    /// <summary>Whether somebody’s work there counts: their lock is on it, or there is nothing to lock.</summary>
    public bool IsInside(Guid person) => Exemption is not null || Locks.Any(l => l.Person == person);

    /// <summary>How it stands after one more event.</summary>
    public DeadStanding After(RecordedEvent recorded)
    {
        var before = At(recorded.ReceivedAt);
        var after = recorded switch
        {
            RecordedEvent.Isolated isolated => before.IsolatedBy(isolated),
            RecordedEvent.LockHung hung => before with
            {
                Locks =
                [
                    .. before.Locks.Where(l => l.Person != recorded.Person),
                    new(recorded.Person, hung.Number, recorded.ReceivedAt),
                ],
                LastWork = Worked(before, recorded),
            },
            RecordedEvent.LockTaken taken => before.Ended(new(Lapse.LockOff, recorded.ReceivedAt, recorded.Person)) with
            {
                Locks = [.. before.Locks.Where(l => l.Person != taken.Owner)],
            },
            RecordedEvent.ProvedDead proved when proved.Proof.IsDead() => before.Holding(
                proved,
                proved.PauseMinutes
            ) with
            {
                Proof = proved,
            },
            RecordedEvent.ProvedDead => before with
            {
                Proof = null,
                Exemption = null,
                Lapsed = new(Lapse.FoundLive, recorded.ReceivedAt, recorded.Person),
            },
            RecordedEvent.SourceFound found => before.FoundBy(found),
            RecordedEvent.ShiftEnded => before.Ended(new(Lapse.Shift, recorded.ReceivedAt, recorded.Person)),
            RecordedEvent.Exempted exempted => before.Holding(exempted, exempted.PauseMinutes) with
            {
                Exemption = exempted.Exemption,
            },
            // What kept it off is off; the list is kept for the next time.
            RecordedEvent.Energised => Nothing with
            {
                Sources = [.. before.Sources.Select(s => s with { Lock = null })],
                Absent = before.Absent,
                IsLive = true,
            },
            // A signature or a set-aside is given anywhere; whoever works there has their lock on it.
            RecordedEvent.Terminated
            or RecordedEvent.Reworked
            or RecordedEvent.Checked
            or RecordedEvent.AtWork when before.IsInside(recorded.Person) => before with
            {
                LastWork = Worked(before, recorded),
            },
            _ => before,
        };
        return after with { Latest = recorded.ReceivedAt > Latest ? recorded.ReceivedAt : Latest };
    }

    /// <summary>From now on something holds. What arrives late is as old as it is.</summary>
    private DeadStanding Holding(RecordedEvent recorded, int pauseMinutes) =>
        this with
        {
            Proof = null,
            Exemption = null,
            Lapsed = null,
            IsLive = false,
            Pause = TimeSpan.FromMinutes(pauseMinutes),
            LastWork = Earlier(recorded.ClaimedAt, recorded.ReceivedAt),
        };

    private DeadStanding FoundBy(RecordedEvent.SourceFound found) =>
        Ended(new(Lapse.SourceFound, found.ReceivedAt, found.Person)) with
        {
            Sources = [.. Sources, found.Source],
            Absent = [.. Absent.Where(k => k != found.Source.Kind)],
        };

    private DeadStanding IsolatedBy(RecordedEvent.Isolated isolated)
    {
        var same =
            isolated.Sources.Count == Sources.Count
            && isolated.Sources.All(s => Sources.Contains(s))
            && isolated.Absent.ToHashSet().SetEquals(Absent);
        return (same ? this : Ended(new(Lapse.SourcesChanged, isolated.ReceivedAt, isolated.Person))) with
        {
            Sources = isolated.Sources,
            Absent = isolated.Absent,
            // Whoever lists the same again has not opened anything anew: stored energy is on its way since before.
            IsolatedAt = same ? IsolatedAt ?? isolated.ReceivedAt : isolated.ReceivedAt,
            LastWork = Worked(this, isolated),
            IsLive = false,
        };
    }

    /// <summary>What was proved, if anything was, counts no more.</summary>
    private DeadStanding Ended(Lapsed lapsed) =>
        Proof is null && Exemption is null ? this : this with { Proof = null, Exemption = null, Lapsed = lapsed };

    private static DateTimeOffset Worked(DeadStanding before, RecordedEvent recorded)
    {
        var at = Earlier(recorded.ClaimedAt, recorded.ReceivedAt);
        return at > before.LastWork ? at : before.LastWork;
    }

    /// <summary>What arrives late happened when it says; what says that it is yet to happen, happened when it came.</summary>
    private static DateTimeOffset Earlier(DateTimeOffset claimed, DateTimeOffset received) =>
        claimed < received ? claimed : received;
}
