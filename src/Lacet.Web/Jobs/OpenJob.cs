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

    internal OpenJob(IEnumerable<JobPartRow> rows, long sequence)
    {
        foreach (var row in rows)
        {
            _parts.Add(row.Id, (JobPartDocument.Parse(row.Body), row.Version));
        }

        Title = _parts.Values.Select(p => p.Part).OfType<TitleDocument>().Single();
        Sequence = sequence;
        Judged = new JudgedJob(new Job(Title.Read(), Parts.Where(p => p.Kind != EntityKind.Title).Select(p => p.Read())));
    }

    internal SemaphoreSlim Gate { get; } = new(1, 1);

    internal TitleDocument Title { get; private set; }

    internal Guid Id => Title.Id;

    internal long Sequence { get; set; }

    internal JudgedJob Judged { get; }

    internal Job Job => Judged.Job;

    internal EndsOfJob Ends { get; set; } = EndsOfJob.None;

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

    internal EndProgress Progress(EndOfWire end)
    {
        var landed = Ends.Of(end.End.Id);
        if (landed is not null)
        {
            return new(landed.State, !landed.IsTo(this, end));
        }

        return new(
            Judged.Plan(end.Wire.Id, end.Side) is not null
                && !Judged.About(new Subject(CheckScope.End, end.Wire.Id, end.Side)).Concat(Judged.About(new Subject(CheckScope.Landing, end.End.LandingId!.Value)))
                    .Concat(Judged.About(new Subject(CheckScope.Wire, end.Wire.Id))).Any(f => f.Finding.Severity == Severity.Stop)
                ? EndState.Ready
                : EndState.Planned,
            OlderPlan: false);
    }

    public void Dispose() => Gate.Dispose();
}
