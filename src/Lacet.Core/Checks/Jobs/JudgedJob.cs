using Lacet.Core.Checks.End;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// A job with every end planned and everything judged. A change judges anew only what it can reach. Not safe for
/// several threads at once.
/// </summary>
public sealed class JudgedJob
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
    /// Changes the job, all or nothing, and judges what that reaches. Gives the changes that undo it, and what was
    /// judged anew. Throws <see cref="ImpossibleInputException"/> where the job would no longer hold together.
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

        Judge(reach.Subjects);
        return (undo, reach.Subjects);
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
    /// until then, and only then no more. Gives what was judged anew.
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

        Judge(reach.Subjects);
        return reach.Subjects;
    }

    private void Judge(IReadOnlyCollection<Subject> subjects)
    {
        _judge.Changed();
        foreach (var subject in subjects)
        {
            if (subject.Scope == CheckScope.End)
            {
                JudgeEnd(subject);
            }
        }

        foreach (var subject in subjects)
        {
            if (Found(subject) is { } found)
            {
                _found[subject] = found;
            }
            else
            {
                _found.Remove(subject);
            }
        }
    }

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

    /// <summary>What is found about a subject; null where nothing is, as about most.</summary>
    private List<JobFinding>? Found(Subject subject)
    {
        List<JobFinding>? found = null;
        switch (subject.Scope)
        {
            case CheckScope.End when _ends.ContainsKey((subject.Id, subject.Side)):
                OfEnd(subject, (subject.Id, subject.Side), ref found);
                break;
            case CheckScope.Wire when Job.Wires.TryGetValue(subject.Id, out var wire) && !wire.Retired:
                OfEnd(subject, (wire.Id, EndSide.A), ref found);
                OfEnd(subject, (wire.Id, EndSide.B), ref found);
                All(subject, JobChecks.Wires, wire, ref found);
                break;
            case CheckScope.Landing when Job.Landings.TryGetValue(subject.Id, out var landing):
                OfLanding(subject, landing, ref found);
                All(subject, JobChecks.Landings, landing, ref found);
                break;
            case CheckScope.Device when Job.Devices.TryGetValue(subject.Id, out var device):
                foreach (var of in Job.LandingsOf(device.Id))
                {
                    OfLanding(subject, of, ref found);
                }

                All(subject, JobChecks.Devices, device, ref found);
                break;
            case CheckScope.Circuit when Job.Circuits.TryGetValue(subject.Id, out var circuit):
                All(subject, JobChecks.Circuits, circuit, ref found);
                break;
            case CheckScope.Enclosure when Job.Enclosures.TryGetValue(subject.Id, out var enclosure):
                All(subject, JobChecks.Enclosures, enclosure, ref found);
                break;
            case CheckScope.Cord when Job.Cords.TryGetValue(subject.Id, out var cord):
                All(subject, JobChecks.Cords, cord, ref found);
                break;
            case CheckScope.PinMap when Job.PinMaps.TryGetValue(subject.Id, out var map):
                // As about ends: each kind is said once, by the first pin that shows it; the map itself says them all.
                foreach (var finding in PinMapChecks.Of(map.Map).DistinctBy(f => f.Check, StringComparer.Ordinal))
                {
                    (found ??= []).Add(new(subject, finding));
                }

                break;
            case CheckScope.Run when subject.Run is { } run:
                var together = Job.WiresRunning(run).ToList();
                if (together.Count > 0)
                {
                    All(
                        subject,
                        JobChecks.Runs,
                        new RunOfWires(together.MinBy(w => (w.Order, w.Id))!.Run!, together),
                        ref found
                    );
                }

                break;
        }

        return found;
    }

    private void OfLanding(Subject subject, JobLanding landing, ref List<JobFinding>? found)
    {
        foreach (var end in Job.EndsAt(landing.Id))
        {
            OfEnd(
                subject,
                (end.Wire.Id, end.Side),
                ref found,
                alone: subject.Scope == CheckScope.Landing && landing.DeviceId is null
            );
        }
    }

    /// <summary>
    /// Each check is said once about a subject, by the first end that shows it. A landing without a device stands for
    /// one.
    /// </summary>
    private void OfEnd(Subject subject, (Guid, EndSide) end, ref List<JobFinding>? found, bool alone = false)
    {
        foreach (var (scope, finding) in _ends[end].Found)
        {
            if (
                (scope == subject.Scope || (alone && scope == CheckScope.Device))
                && found?.Exists(f => string.Equals(f.Finding.Check, finding.Check, StringComparison.Ordinal))
                    is not true
            )
            {
                (found ??= []).Add(new(subject, finding));
            }
        }
    }

    private void All<T>(Subject subject, IReadOnlyList<IJobCheck<T>> checks, T of, ref List<JobFinding>? found)
    {
        foreach (var check in checks)
        {
            if (check.Judge(Job, of) is { } finding)
            {
                (found ??= []).Add(new(subject, finding with { Harm = check.Harm }));
            }
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
            _ => 0,
        };
}
