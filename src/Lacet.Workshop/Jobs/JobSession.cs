using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>
/// A job in memory: as it is written, as it is judged, and how far its ends are. Whoever reads or changes it holds its
/// gate.
/// </summary>
public sealed class JobSession : IDisposable
{
    private readonly Dictionary<Guid, long> _versions = [];

    internal JobSession(IReadOnlyCollection<JobPartRow> rows, long sequence, JobHistory? history = null)
    {
        History = history ?? JobHistory.None;
        var parts = rows.Select(row => PartJson.Parse(row.Body)).ToList();
        foreach (var row in rows)
        {
            _versions.Add(row.Id, row.Version);
        }

        Sequence = sequence;
        Judged = new JudgedJob(
            new Job(parts.OfType<JobTitle>().Single(), parts.Where(p => p.Kind != EntityKind.Title)),
            Ends.Redone
        );
    }

    /// <summary>
    /// Told after each change: the parts before and after it, and what is judged otherwise because of it. The gate is
    /// held.
    /// </summary>
    public Action<IReadOnlyCollection<JobPart>, IReadOnlyCollection<Subject>>? Changed { get; set; }

    internal SemaphoreSlim Gate { get; } = new(1, 1);

    /// <summary>Whether it was closed; whoever comes to its gate after that opens the job anew.</summary>
    internal bool IsClosed { get; set; }

    /// <summary>The job itself.</summary>
    public JobTitle Title => Job.Title;

    /// <summary>Its id.</summary>
    public Guid Id => Title.Id;

    /// <summary>Its last command.</summary>
    public long Sequence { get; internal set; }

    /// <summary>It as it is judged.</summary>
    public JudgedJob Judged { get; }

    /// <summary>It as the rules read it.</summary>
    public Job Job => Judged.Job;

    /// <summary>What is recorded of its ends.</summary>
    public EndHistory Ends => History.Ends;

    /// <summary>What is recorded of how its enclosures were made dead.</summary>
    public DeadHistory Dead => History.Dead;

    private JobHistory History { get; set; }

    private readonly Dictionary<(Guid Wire, EndSide Side), EndProgress> _progress = [];

    /// <summary>Its parts, the title among them.</summary>
    public IEnumerable<JobPart> Parts => Job.Parts.Prepend(Title);

    /// <summary>A part’s version; 0 where there is none.</summary>
    public long Version(Guid id) => _versions.GetValueOrDefault(id);

    /// <summary>A part is of a version now; 0 where it is there no more.</summary>
    internal void Keep(Guid id, long version)
    {
        if (version == 0)
        {
            _versions.Remove(id);
        }
        else
        {
            _versions[id] = version;
        }
    }

    /// <summary>Its wires in their order, without those that are retired.</summary>
    public IEnumerable<JobWire> WiresInOrder =>
        Job.Wires.Values.Where(w => !w.Retired).OrderBy(w => w.Order).ThenBy(w => w.Id);

    /// <summary>It as one document.</summary>
    public JobDocument Document() => JobDocument.Of(Title, Job.Parts);

    /// <summary>
    /// How far an end is. It is asked of every end after each change, and worked out anew where the change reached it.
    /// </summary>
    public EndProgress Progress(EndOfWire end)
    {
        var key = (end.Wire.Id, end.Side);
        if (!_progress.TryGetValue(key, out var known))
        {
            _progress.Add(key, known = ProgressNow(end));
        }

        return known;
    }

    private EndProgress ProgressNow(EndOfWire end)
    {
        if (Ends.Of(end.End.Id) is { } recorded)
        {
            var stands = recorded.State is EndState.Parked or EndState.Rejected;
            return new(
                recorded.State,
                recorded.Plan is { } plan && !string.Equals(plan, PlanOf(end), StringComparison.Ordinal),
                recorded.Park,
                stands ? recorded.LastId : null
            );
        }

        var isReady =
            Judged.Plan(end.Wire.Id, end.Side) is not null
            && !IsStopped(new(CheckScope.End, end.Wire.Id, end.Side))
            && !IsStopped(new(CheckScope.Landing, end.End.LandingId!.Value))
            && !IsStopped(new(CheckScope.Wire, end.Wire.Id));
        return new(isReady ? EndState.Ready : EndState.Planned, OlderPlan: false);
    }

    /// <summary>Mark of an end’s plan.</summary>
    private string PlanOf(EndOfWire end) =>
        PlanMark.Of(end.Wire.Conductor, end.End.LandingId is { } id ? Job.Landings[id].Landing : null);

    private bool IsStopped(Subject subject) => Judged.About(subject).Any(f => f.Finding.Severity == Severity.Stop);

    /// <summary>
    /// Tells of a change that was made or taken back: the parts before and after it, and what is judged otherwise
    /// because of it.
    /// </summary>
    internal void MarkChanged(IReadOnlyCollection<JobPart> parts, IReadOnlyCollection<Subject> judged)
    {
        if (parts.Any(p => p is not JobWire))
        {
            _progress.Clear();
        }

        foreach (
            var wire in parts
                .OfType<JobWire>()
                .Select(w => w.Id)
                .Concat(judged.Where(s => s.Scope == CheckScope.Wire).Select(s => s.Id))
        )
        {
            _progress.Remove((wire, EndSide.A));
            _progress.Remove((wire, EndSide.B));
        }

        foreach (var subject in judged)
        {
            switch (subject.Scope)
            {
                case CheckScope.End:
                    _progress.Remove((subject.Id, subject.Side));
                    break;
                case CheckScope.Landing:
                    Job.EndsAt(subject.Id).ToList().ForEach(e => _progress.Remove((e.Wire.Id, e.Side)));
                    break;
            }
        }

        Changed?.Invoke(parts, judged);
    }

    /// <summary>Something was recorded, or taken back.</summary>
    internal void Recorded(JobHistory history)
    {
        var (ends, changed) = (history.Ends, history.Ends.Since(Ends).ToHashSet());
        History = history;
        MarkChanged(
            [.. Job.Wires.Values.Where(w => changed.Contains(w.A.Id) || changed.Contains(w.B.Id))],
            [.. Judged.Redone(ends.Redone)]
        );
    }

    /// <inheritdoc/>
    public void Dispose() => Gate.Dispose();
}
