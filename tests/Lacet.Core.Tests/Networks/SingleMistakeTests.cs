using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Lacet.Core.Tests.Jobs;
using QuikGraph;
using QuikGraph.Algorithms;

namespace Lacet.Core.Tests.Networks;

/// <summary>
/// Clean jobs of every kind, and each end of each of their wires landed wrongly, one at a time, at every other terminal
/// of its enclosure. What is one piece of metal with where it belongs is no mistake; that is told by a general graph
/// library (QuikGraph’s connected components), not by the code that is tested.
/// </summary>
public sealed class SingleMistakeTests
{
    public static TheoryData<string> Jobs => [.. CleanJobs.All.Keys];

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_clean_job_has_nothing_to_stop_or_to_put_right(string name) =>
        Assert.Empty(
            CleanJobs.All[name]().Judged().Findings.Where(f => f.Finding.Severity != Severity.Note).Select(Say)
        );

    [Theory]
    [MemberData(nameof(Jobs))]
    public void What_is_landed_wrongly_is_found(string name)
    {
        var judged = new JudgedJob(CleanJobs.All[name]().Job());
        var metal = Metal(judged.Job);
        var missed = new List<string>();
        var tried = 0;
        foreach (var (wire, side, to) in Mistakes(judged.Job, metal).ToList())
        {
            tried++;
            var end = wire[side] with { LandingId = to.Id };
            var (_, come) = judged.Try([
                EntityChange.Put(side == EndSide.A ? wire with { A = end } : wire with { B = end }),
            ]);
            // That two wires do not fit under one screw is no judgement of what they are.
            if (!come.Any(f => f.Finding.Severity != Severity.Note && !Fits.Contains(f.Finding.Check)))
            {
                missed.Add($"wire {wire.Name} {side} to {to.Name}");
            }
        }

        TestContext.Current.SendDiagnosticMessage($"{name}: {tried} mistakes, {missed.Count} missed");
        Assert.True(tried >= 6);
        Assert.True(missed.Count == 0, $"{missed.Count} of {tried}: {string.Join("; ", missed)}");
    }

    /// <summary>
    /// What is offered after a mistake joins nothing that was apart, but for an exchange of two wires on one device,
    /// which is what its finding asks for: told by the graph library again.
    /// </summary>
    [Theory]
    [MemberData(nameof(Jobs))]
    public void What_is_offered_after_a_mistake_joins_nothing(string name)
    {
        var judged = new JudgedJob(CleanJobs.All[name]().Job());
        var clean = RemedyLaw.Keys(judged);
        var mistakes = Mistakes(judged.Job, Metal(judged.Job)).ToList();
        // Of a job with very many every few of them are enough to show it.
        var step = (mistakes.Count / 300) + 1;
        foreach (var (wire, side, to) in mistakes.Where((_, i) => i % step == 0))
        {
            var wrong = wire[side] with { LandingId = to.Id };
            judged.Apply([EntityChange.Put(side == EndSide.A ? wire with { A = wrong } : wire with { B = wrong })]);
            var (apart, before) = (Metal(judged.Job), RemedyLaw.Keys(judged));
            foreach (var remedy in judged.Job.EndsAt(to.Id).SelectMany(e => EndRemedies.For(judged, e, Guid.NewGuid)))
            {
                var back = judged.Apply(remedy.Changes).Undo;
                Assert.Empty(RemedyLaw.Keys(judged).Except(before));
                if (remedy.Id != "swap")
                {
                    var joined = Metal(judged.Job);
                    Assert.All(apart.Keys.GroupBy(id => joined[id]), together =>
                        Assert.Single(together.Select(id => apart[id]).Distinct())
                    );
                }

                judged.Apply(back);
            }

            // Landed back where it belongs the job is as clean as before.
            judged.Apply([EntityChange.Put(wire)]);
            Assert.Equal(clean, RemedyLaw.Keys(judged));
        }
    }

    private static readonly HashSet<string> Fits = [.. EndChecks.Planned.Select(c => c.Id)];

    private static IEnumerable<(JobWire Wire, EndSide Side, JobLanding To)> Mistakes(
        Job job,
        IDictionary<Guid, int> metal
    ) =>
        from wire in job.Wires.Values
        from side in new[] { EndSide.A, EndSide.B }
        where wire[side].LandingId is not null
        let at = job.Landings[wire[side].LandingId!.Value]
        from to in job.LandingsIn(at.EnclosureId)
        where metal[to.Id] != metal[at.Id] && !IsEarthingOfZero(job, wire, to) && !IsBehindAnother(wire, at, to)
        select (wire, side, to);

    /// <summary>0 V on an earth may be where it is earthed, and a wire list does not say which.</summary>
    private static bool IsEarthingOfZero(Job job, JobWire wire, JobLanding to) =>
        wire.Function == WireFunction.ControlMinus
        && (to.Identity.IsEarth() || (to.DeviceId is { } device && job.Devices[device].Type == DeviceType.EarthBar));

    /// <summary>
    /// A button behind another instead of beside it is a circuit too: what is meant stands only in the drawing.
    /// </summary>
    private static bool IsBehindAnother(JobWire wire, JobLanding at, JobLanding to) =>
        (wire.Name, at.Name, to.Name) is ("72", "S1:13", "S1:14");

    /// <summary>Which landings are one piece of metal: wires, and bars, tabs and sides as the trade knows them.</summary>
    private static IDictionary<Guid, int> Metal(Job job)
    {
        var graph = new UndirectedGraph<Guid, UndirectedEdge<Guid>>();
        graph.AddVertexRange(job.Landings.Keys);
        void Join(Guid one, Guid other) => graph.AddEdge(one.CompareTo(other) <= 0 ? new(one, other) : new(other, one));
        foreach (var wire in job.Wires.Values)
        {
            if (wire is { A.LandingId: { } a, B.LandingId: { } b })
            {
                Join(a, b);
            }
        }

        foreach (var bridge in job.Bridges.Values)
        {
            foreach (var landing in bridge.Landings.Skip(1))
            {
                Join(bridge.Landings[0], landing);
            }
        }

        foreach (var device in job.Devices.Values)
        {
            var landings = job.LandingsOf(device.Id).ToList();
            foreach (var group in landings.GroupBy(l => Inside(device, l)).Where(g => g.Key.Length > 0))
            {
                foreach (var landing in group.Skip(1))
                {
                    Join(group.First().Id, landing.Id);
                }
            }
        }

        var components = new Dictionary<Guid, int>();
        graph.ConnectedComponents(components);
        return components;
    }

    private static string Inside(Device device, JobLanding landing) =>
        device.Type switch
        {
            DeviceType.EarthBar or DeviceType.NeutralBar => "bar",
            DeviceType.Receptacle => landing.Identity.ToString(),
            DeviceType.GroundFaultReceptacle => $"{landing.Identity}{landing.Side}",
            _ => "",
        };

    private static string Say(JobFinding finding) => $"{finding.Finding.Check}: {Ends.Read(finding.Finding.Says)}";
}
