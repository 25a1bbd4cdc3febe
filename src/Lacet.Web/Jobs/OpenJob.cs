using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Web.Jobs;

/// <summary>A job in memory: as it is written, as it is judged, and how far its ends are. Whoever reads or changes it holds its gate.</summary>
internal sealed class OpenJob : IDisposable
{
    private readonly Dictionary<Guid, (JobPartDocument Part, long Version)> _parts = [];

    internal OpenJob(IEnumerable<JobPartRow> rows, long sequence, EndsOfJob? ends = null)
    {
        Ends = ends ?? EndsOfJob.None;
        foreach (var row in rows)
        {
            _parts.Add(row.Id, (JobPartDocument.Parse(row.Body), row.Version));
        }

        Title = _parts.Values.Select(p => p.Part).OfType<TitleDocument>().Single();
        Sequence = sequence;
        Judged = new JudgedJob(new Job(Title.Read(), Parts.Where(p => p.Kind != EntityKind.Title).Select(p => p.Read())), Ends.Redone);
    }

    internal SemaphoreSlim Gate { get; } = new(1, 1);

    /// <summary>Whether it was closed; whoever comes to its gate after that opens the job anew.</summary>
    internal bool IsClosed { get; set; }

    internal TitleDocument Title { get; private set; }

    internal Guid Id => Title.Id;

    internal long Sequence { get; set; }

    internal JudgedJob Judged { get; }

    internal Job Job => Judged.Job;

    internal EndsOfJob Ends { get; private set; } = EndsOfJob.None;

    private readonly Dictionary<(Guid Wire, EndSide Side), EndProgress> _progress = [];

    /// <summary>The boards that were asked for.</summary>
    private readonly Dictionary<Guid, KeptBoard> _boards = [];

    internal IEnumerable<JobPartDocument> Parts => _parts.Values.Select(p => p.Part);

    internal JobPartDocument Part(Guid id) => _parts[id].Part;

    internal JobPartDocument? FindPart(Guid id) => _parts.GetValueOrDefault(id).Part;

    internal long Version(Guid id) => _parts.GetValueOrDefault(id).Version;

    internal Versioned<T> Versioned<T>(Guid id)
        where T : JobPartDocument => new((T)_parts[id].Part, _parts[id].Version);

    internal void Keep(JobPartDocument part, long version)
    {
        _parts[part.Id] = (part, version);
        if (part is TitleDocument title)
        {
            Title = title;
        }
    }

    internal void Forget(Guid id) => _parts.Remove(id);

    internal IEnumerable<JobWire> WiresInOrder => Job.Wires.Values.Where(w => !w.Retired).OrderBy(w => w.Order).ThenBy(w => w.Id);

    internal JobDocument Document() => JobDocument.Of(Title, Parts.Where(p => p.Kind != EntityKind.Title));

    /// <summary>How far an end is. It is asked of every end after each change, and worked out anew where the change reached it.</summary>
    internal EndProgress Progress(EndOfWire end)
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
            return new(recorded.State, recorded.Made is not null && !recorded.IsTo(this, end), recorded.Park, stands ? recorded.LastId : null);
        }

        var isReady = Judged.Plan(end.Wire.Id, end.Side) is not null
            && !IsStopped(new(CheckScope.End, end.Wire.Id, end.Side)) && !IsStopped(new(CheckScope.Landing, end.End.LandingId!.Value)) && !IsStopped(new(CheckScope.Wire, end.Wire.Id));
        return new(isReady ? EndState.Ready : EndState.Planned, OlderPlan: false);
    }

    private bool IsStopped(Subject subject) => Judged.About(subject).Any(f => f.Finding.Severity == Severity.Stop);

    /// <summary>An enclosure’s board, kept from one time that it is asked for to the next; null where there is no such enclosure.</summary>
    internal KeptBoard? Board(Guid enclosure)
    {
        if (!Job.Enclosures.ContainsKey(enclosure))
        {
            _boards.Remove(enclosure);
            return null;
        }

        if (!_boards.TryGetValue(enclosure, out var board))
        {
            _boards.Add(enclosure, board = new(this, enclosure));
        }

        return board;
    }

    /// <summary>A change was made or taken back: the parts before and after it, and what was judged anew because of it.</summary>
    internal void Changed(IReadOnlyCollection<IJobEntity> parts, IReadOnlyCollection<Subject> judged)
    {
        if (parts.Any(p => p is not JobWire))
        {
            _progress.Clear();
        }

        foreach (var wire in parts.OfType<JobWire>().Select(w => w.Id).Concat(judged.Where(s => s.Scope == CheckScope.Wire).Select(s => s.Id)))
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

        foreach (var board in _boards.Values)
        {
            board.Reach(parts, judged);
        }
    }

    /// <summary>Something was recorded at ends, or taken back.</summary>
    internal void Recorded(EndsOfJob ends)
    {
        var changed = ends.Since(Ends).ToHashSet();
        Ends = ends;
        Changed([.. Job.Wires.Values.Where(w => changed.Contains(w.A.Id) || changed.Contains(w.B.Id))], [.. Judged.Redone(ends.Redone)]);
    }

    public void Dispose() => Gate.Dispose();
}
