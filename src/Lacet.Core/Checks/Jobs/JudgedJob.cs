using Lacet.Core.Checks.End;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// A job with every end planned and everything judged. A change judges anew only what it can reach. Not safe for
/// several threads at once.
/// </summary>
public sealed partial class JudgedJob
{
    private readonly Dictionary<(Guid Wire, EndSide Side), EndJudgement> _ends = [];
    private readonly Dictionary<Subject, IReadOnlyList<JobFinding>> _found = [];

    private readonly EndJudge _judge;
    private IReadOnlySet<Guid> _redone;

    /// <summary>
    /// Judges all of a job, of which some ends were made anew or landed since somebody looked: see
    /// <see cref="Redone"/>.
    /// </summary>
    public JudgedJob(Job job, IReadOnlySet<Guid>? redone = null)
    {
        (Job, _judge, _redone) = (job, new EndJudge(job), redone ?? new HashSet<Guid>());
        var reach = new Reach(job);
        reach.Everything();
        Judge(reach.Subjects);
    }

    /// <summary>The job.</summary>
    public Job Job { get; }

    /// <summary>Every finding, worst first and by harm; alike ones stand together.</summary>
    public IEnumerable<JobFinding> Findings =>
        _found
            .Values.SelectMany(f => f)
            .OrderBy(f => f.Finding.Severity)
            .ThenBy(f => f.Finding.Harm)
            .ThenBy(f => f.Finding.Check, StringComparer.Ordinal)
            .ThenBy(f => Place(f.About))
            .ThenBy(f => f.About.Key, StringComparer.Ordinal);

    /// <summary>The worst finding; null where there is none.</summary>
    public JobFinding? Worst =>
        _found.Values.SelectMany(f => f).MinBy(f => (f.Finding.Severity, f.Finding.Harm, f.Finding.Check, f.About.Key));

    /// <summary>
    /// The finding that another follows from: of one cause the root is shown, and the rest under it. Null where it
    /// stands for itself.
    /// </summary>
    public JobFinding? RootOf(JobFinding finding)
    {
        var roots = EndChecks.RootsOf(finding.Finding.Check);
        return roots.Count == 0
            ? null
            : LandingsOf(finding.About)
                .SelectMany(AboutLanding)
                .FirstOrDefault(f => f != finding && roots.Contains(f.Finding.Check, StringComparer.Ordinal));
    }

    private IEnumerable<Guid> LandingsOf(Subject about) =>
        about.Scope switch
        {
            CheckScope.Landing => [about.Id],
            CheckScope.Device => Job.LandingsOf(about.Id).Select(l => l.Id),
            CheckScope.End => new[] { Job.Wires[about.Id][about.Side].LandingId }.OfType<Guid>(),
            CheckScope.Wire => new[]
            {
                Job.Wires[about.Id].A.LandingId,
                Job.Wires[about.Id].B.LandingId,
            }.OfType<Guid>(),
            _ => [],
        };

    private IEnumerable<JobFinding> AboutLanding(Guid landing) =>
        About(new(CheckScope.Landing, landing))
            .Concat(Job.Landings[landing].DeviceId is { } device ? About(new(CheckScope.Device, device)) : [])
            .Concat(
                Job.EndsAt(landing)
                    .SelectMany(e =>
                        About(new(CheckScope.End, e.Wire.Id, e.Side)).Concat(About(new(CheckScope.Wire, e.Wire.Id)))
                    )
            );

    /// <summary>How many findings there are of a severity.</summary>
    public int Count(Severity severity) => _found.Values.Sum(f => f.Count(j => j.Finding.Severity == severity));

    /// <summary>What was found about something.</summary>
    public IReadOnlyList<JobFinding> About(Subject subject) => _found.GetValueOrDefault(subject, []);

    /// <summary>What the crafts planned for an end; null where its wire or its landing is not known.</summary>
    public EndPlan? Plan(Guid wire, EndSide side) => _ends.GetValueOrDefault((wire, side))?.Plan;

    /// <summary>
    /// Changes the job, all or nothing, and judges what that reaches. Gives the changes that undo it, and what is, or may
    /// be, judged otherwise now: of a large network hardly anything is. Throws
    /// <see cref="ImpossibleInputException"/> where the job would no longer hold together.
    /// </summary>
    public (IReadOnlyList<EntityChange> Undo, IReadOnlySet<Subject> Judged) Apply(IReadOnlyList<EntityChange> changes)
    {
        var reach = new Reach(Job);
        // Another name alone makes nothing right or wrong.
        var telling = changes.Where(c => c.After is not JobTitle title || title.Rules != Job.Title.Rules).ToList();
        telling.ForEach(change => reach.From(Job.Find(change.Kind, change.Id)));
        var undo = Job.Apply(changes);
        reach.AfterTheChange();
        telling.ForEach(change => reach.From(change.After));

        return (undo, Judge(reach.Subjects));
    }

    /// <summary>
    /// What changes would make of the findings: which go, which come. The job is as it was afterwards. Throws
    /// <see cref="ImpossibleInputException"/> where the job would no longer hold together.
    /// </summary>
    public (IReadOnlyList<JobFinding> Gone, IReadOnlyList<JobFinding> Come) Try(IReadOnlyList<EntityChange> changes)
    {
        var (undo, reached) = Apply(changes);
        var after = reached.SelectMany(About).ToList();
        Apply(undo);
        var before = reached.SelectMany(About).ToList();
        static (Subject About, string Check, Severity Severity) Key(JobFinding finding) =>
            (finding.About, finding.Finding.Check, finding.Finding.Severity);
        return ([.. before.ExceptBy(after.Select(Key), Key)], [.. after.ExceptBy(before.Select(Key), Key)]);
    }

    /// <summary>
    /// Says at which ends something was landed or put right since they were looked at. What was found there stands
    /// until then, and only then no more. Gives what is, or may be, judged otherwise now.
    /// </summary>
    public IReadOnlySet<Subject> Redone(IReadOnlySet<Guid> ends)
    {
        var changed = _redone.Except(ends).Concat(ends.Except(_redone)).ToHashSet();
        _redone = ends;
        var reach = new Reach(Job);
        foreach (var wire in Job.Wires.Values.Where(w => changed.Contains(w.A.Id) || changed.Contains(w.B.Id)))
        {
            reach.From(wire);
        }

        return Judge(reach.Subjects);
    }

    private HashSet<Subject> Judge(IReadOnlyCollection<Subject> subjects)
    {
        _judge.Changed();
        foreach (var subject in subjects)
        {
            if (subject.Scope == CheckScope.End)
            {
                JudgeEnd(subject);
            }
        }

        var otherwise = new HashSet<Subject>();
        foreach (var subject in subjects)
        {
            var before = _found.GetValueOrDefault(subject);
            var found = Found(subject);
            if (found is null)
            {
                _found.Remove(subject);
            }
            else
            {
                _found[subject] = found;
            }

            if (subject.Scope is not (CheckScope.Landing or CheckScope.Device) || !IsSame(before ?? [], found ?? []))
            {
                otherwise.Add(subject);
            }
        }

        return otherwise;
    }

    private static bool IsSame(IReadOnlyList<JobFinding> before, List<JobFinding> after) =>
        before.Count == after.Count && before.Zip(after).All(pair => pair.First.SaysTheSame(pair.Second));

    private void JudgeEnd(Subject subject)
    {
        var key = (subject.Id, subject.Side);
        if (Job.Wires.TryGetValue(subject.Id, out var wire) && !wire.Retired)
        {
            _ends[key] = _judge.Judge(new(wire, subject.Side), _redone.Contains(wire[subject.Side].Id));
        }
        else
        {
            _ends.Remove(key);
        }
    }

    private int Place(Subject subject) =>
        subject.Scope switch
        {
            CheckScope.End or CheckScope.Wire => Job.Wires[subject.Id].Order,
            CheckScope.Landing => Job.Landings[subject.Id].Order,
            CheckScope.Device => Job.Devices[subject.Id].Order,
            CheckScope.Circuit => Job.Circuits[subject.Id].Order,
            CheckScope.Enclosure => Job.Enclosures[subject.Id].Order,
            CheckScope.Cord => Job.Cords[subject.Id].Order,
            CheckScope.PinMap => Job.PinMaps[subject.Id].Order,
            CheckScope.Cable => Job.Cables[subject.Id].Order,
            _ => 0,
        };
}
