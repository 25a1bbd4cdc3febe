using Lacet.Core.DeadChecks;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Web.Http;
using Lacet.Workshop.DeadChecks;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.DeadChecks;

/// <summary>How an enclosure was made dead, and what is missing.</summary>
/// <param name="Told">How it stands.</param>
/// <param name="Sources">Its sources, and what keeps each off.</param>
/// <param name="Absent">Kinds that were looked for, and are not there.</param>
/// <param name="Expected">What the job’s own wires say can make it live; not listed yet.</param>
/// <param name="Kinds">Every kind of source, with where to look for it.</param>
/// <param name="Locks">Each person’s own lock.</param>
/// <param name="Points">Where the instrument’s tips go.</param>
/// <param name="Earth">Where earth is touched; null where no landing of it is known.</param>
/// <param name="Pairs">Each point to every other, and to earth: the order in which they are measured.</param>
/// <param name="Proof">The proof that holds; null while none does.</param>
/// <param name="Lapsed">Who ended the last one, and when; null where one holds, or time alone ended it.</param>
/// <param name="MissingToLock">What is missing before every source counts as kept off; null where nothing is.</param>
/// <param name="MissingToProve">What is missing before whoever asks can prove it; null where nothing is.</param>
/// <param name="WorkedWithout">What is to be known of how ends were worked at there; null where all was well.</param>
/// <param name="PauseMinutes">The job’s pause.</param>
/// <param name="MostVolts">Up to so many V count as dead.</param>
/// <param name="MeterStandIn">Whether the stand-in multimeter is there.</param>
public sealed record DeadDocument(
    DeadTold Told,
    IReadOnlyList<IsolatedSource> Sources,
    IReadOnlyList<SourceKind> Absent,
    IReadOnlyList<ExpectedSource> Expected,
    IReadOnlyList<SourceKindDocument> Kinds,
    IReadOnlyList<LockDocument> Locks,
    IReadOnlyList<DeadPointDocument> Points,
    EarthDocument? Earth,
    IReadOnlyList<DeadPairDocument> Pairs,
    DeadProofShown? Proof,
    LapsedDocument? Lapsed,
    string? MissingToLock,
    string? MissingToProve,
    string? WorkedWithout,
    int PauseMinutes,
    double MostVolts,
    bool MeterStandIn
)
{
    internal static DeadDocument Of(
        JobSession job,
        Enclosure place,
        DateTimeOffset now,
        Guid person,
        IReadOnlyDictionary<Guid, string> names,
        bool meter
    )
    {
        var standing = job.Dead.Of(place.Id).At(now);
        var points = DeadPoints.Of(job.Job, place.Id);
        var listed = standing.Sources.Select(s => s.Name).ToHashSet(StringComparer.Ordinal);
        return new(
            DeadWatch.Of(job, place, now),
            standing.Sources,
            standing.Absent,
            [.. Expect(job.Job, place.Id).Where(e => !listed.Contains(e.Name))],
            [
                .. Enum.GetValues<SourceKind>()
                    .Select(k => new SourceKindDocument(k, k.DisplayName(), k.Hint(), k.IsLocked())),
            ],
            [.. standing.Locks.Select(l => new LockDocument(l.Person, Name(l.Person), l.Number, l.Since))],
            [
                .. points.Select(p => new DeadPointDocument(
                    p.LandingId,
                    p.Name,
                    p.Potential.Say().Word.InWords(ReaderWords.Region)
                )),
            ],
            DeadPoints.EarthOf(job.Job, place.Id) is { } earth ? new(earth.Id, earth.Name) : null,
            [.. DeadPoints.Pairs(points).Select(p => new DeadPairDocument(p.From.LandingId, p.To?.LandingId))],
            standing.Proof is { } proof
                ? new(
                    Name(proof.Person),
                    proof.ClaimedAt,
                    proof.Proof.Name,
                    proof.Proof.Readings.Count,
                    proof.Proof.Simulated
                )
                : null,
            standing is { State: DeadState.Lapsed, Lapsed: { By: { } by, At: var at } } ? new(Name(by), at) : null,
            DeadRefusals.OfLocking(standing),
            DeadRefusals.OfProving(standing, person, now),
            DeadSayings.Says([.. job.Dead.Without(place.Id)]),
            job.Title.Rules.PauseMinutes,
            DeadReading.MostVolts,
            meter
        );

        string Name(Guid id) => names.GetValueOrDefault(id, "erased");
    }

    /// <summary>What the wires of the job say: the breakers that feed it, and what comes from where it does not tell.</summary>
    private static IEnumerable<ExpectedSource> Expect(Job job, Guid enclosure)
    {
        var sources = EnclosureSources.Of(job, enclosure);
        // A breaker inside is no way to make its own enclosure dead: what feeds it is.
        foreach (var (breaker, way) in sources.Breakers.Where(b => b.Breaker.EnclosureId != enclosure))
        {
            yield return new(
                SourceKind.Feed,
                $"{job.Enclosures[breaker.EnclosureId].Name}/{breaker.Name}",
                way.ToString()
            );
        }

        if (sources.Unfed.Count > 0)
        {
            var names = string.Join(", ", sources.Unfed.Select(d => d.Name));
            yield return new(
                SourceKind.Feed,
                Short($"What feeds {names}"),
                $"This job has no wire to the feed side of {names}: it stays live, whatever is opened inside."
            );
        }

        foreach (
            var (kind, wires) in sources
                .Out.GroupBy(w => w.Function.IsHot() ? SourceKind.BackFeed : SourceKind.ControlFromElsewhere)
                .Select(g => (g.Key, g.Select(w => w.Name).ToList()))
        )
        {
            yield return new(
                kind,
                wires is [var only] ? $"Wire {only} from outside" : $"{wires.Count} wires from outside",
                $"{(wires.Count == 1 ? "Wire" : "Wires")} {string.Join(", ", wires)}: out of this job, so something may come by {(wires.Count == 1 ? "it" : "them")}."
            );
        }
    }

    private static string Short(string name) => name.Length <= 60 ? name : name[..59] + "…";
}

/// <summary>A source that the job’s own wires tell of.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Why">How it gets there.</param>
public sealed record ExpectedSource(SourceKind Kind, string Name, string Why);

/// <summary>A kind of source.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Hint">Where to look for it.</param>
/// <param name="Locked">Whether it is opened and locked; stored energy is waited for instead.</param>
public sealed record SourceKindDocument(SourceKind Kind, string Name, string Hint, bool Locked);

/// <summary>A person’s own lock.</summary>
/// <param name="PersonId">Whose.</param>
/// <param name="Name">Their name.</param>
/// <param name="Number">The lock’s number.</param>
/// <param name="Since">Since when.</param>
public sealed record LockDocument(Guid PersonId, string Name, string Number, DateTimeOffset Since);

/// <summary>What ended a proof.</summary>
/// <param name="By">Whose doing it was.</param>
/// <param name="At">When.</param>
public sealed record LapsedDocument(string By, DateTimeOffset At);

/// <summary>A landing of the earth.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Name">Its name.</param>
public sealed record EarthDocument(Guid LandingId, string Name);

/// <summary>Where an instrument’s tip goes.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Name">Its name.</param>
/// <param name="Carries">What stands on it while everything is on.</param>
public sealed record DeadPointDocument(Guid LandingId, string Name, string Carries);

/// <summary>Two points that are measured.</summary>
/// <param name="From">One.</param>
/// <param name="To">The other; null for earth.</param>
public sealed record DeadPairDocument(Guid From, Guid? To);

/// <summary>A proof that holds.</summary>
/// <param name="By">Who proved it.</param>
/// <param name="At">When.</param>
/// <param name="Instrument">With what.</param>
/// <param name="Readings">How many readings.</param>
/// <param name="Simulated">Whether a stand-in measured.</param>
public sealed record DeadProofShown(string By, DateTimeOffset At, string Instrument, int Readings, bool Simulated);

/// <summary>What the stand-in multimeter shows.</summary>
/// <param name="Volts">V; simulated.</param>
public sealed record MeterDocument(double Volts);
