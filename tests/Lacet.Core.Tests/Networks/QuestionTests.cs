using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Tests.Jobs;
using QuikGraph;
using QuikGraph.Algorithms;

namespace Lacet.Core.Tests.Networks;

/// <summary>What only a network answers: connected to what, dead with what, live from where.</summary>
public sealed class QuestionTests
{
    private static JobLanding At(Job job, string name) =>
        job.Landings.Values.Single(l => string.Equals(l.Name, name, StringComparison.Ordinal));

    /// <summary>
    /// On random jobs of blocks, joints and wires a trace reaches what a general graph library says is connected, and
    /// nothing else (QuikGraph).
    /// </summary>
    [Fact]
    public void A_trace_reaches_what_a_graph_library_says_is_connected() =>
        Gen.Select(Gen.Int[2, 12], Gen.Int[0, 11].Array[0, 40])
            .Sample(
                (count, ends) =>
                {
                    var sketch = new Sketch().Box("B");
                    for (var i = 0; i < count; i++)
                    {
                        sketch.Splice("B", $"J{i}");
                    }

                    var graph = new UndirectedGraph<int, UndirectedEdge<int>>();
                    graph.AddVertexRange(Enumerable.Range(0, count));
                    for (var i = 0; i + 1 < ends.Length; i += 2)
                    {
                        var (a, b) = (Math.Min(ends[i], ends[i + 1]) % count, Math.Max(ends[i], ends[i + 1]) % count);
                        sketch.Wire($"{i}", $"J{a}", $"J{b}");
                        graph.AddEdge(a <= b ? new(a, b) : new(b, a));
                    }

                    var job = sketch.Job();
                    var components = new Dictionary<int, int>();
                    graph.ConnectedComponents(components);
                    for (var i = 0; i < count; i++)
                    {
                        var reached = new NetworkWalk(job, throughContacts: false).From(At(job, $"J{i}"));
                        Assert.Equal(
                            components
                                .Where(c => c.Value == components[i])
                                .Select(c => $"J{c.Key}")
                                .Order(StringComparer.Ordinal),
                            reached.Select(r => r.Landing!.Name).Order(StringComparer.Ordinal)
                        );
                    }
                }
            );

    /// <summary>
    /// The same with switches, disconnectors and contactors between the joints, some of them open: what is closed joins,
    /// what is open does not (QuikGraph).
    /// </summary>
    [Fact]
    public void What_is_closed_joins_and_what_is_open_does_not() =>
        Gen.Select(Gen.Int[1, 6], Gen.Int[1, 5], Gen.Int[0, 99].Array[0, 30], Gen.Bool.Array[5])
            .Sample(
                (joints, switches, ends, open) =>
                {
                    DeviceType[] types = [DeviceType.Switch, DeviceType.Isolator, DeviceType.Contactor];
                    var sketch = new Sketch().Box("B");
                    var names = Enumerable.Range(0, joints).Select(i => $"J{i}").ToList();
                    names.ForEach(name => sketch.Splice("B", name));
                    var graph = new UndirectedGraph<string, UndirectedEdge<string>>();
                    for (var i = 0; i < switches; i++)
                    {
                        sketch.Marks("B", $"S{i}", types[i % types.Length], null, "1", "2");
                        names.AddRange([$"S{i}:1", $"S{i}:2"]);
                    }

                    graph.AddVertexRange(names);
                    void Join(string a, string b) =>
                        graph.AddEdge(string.CompareOrdinal(a, b) <= 0 ? new(a, b) : new(b, a));
                    for (var i = 0; i + 1 < ends.Length; i += 2)
                    {
                        var (a, b) = (names[ends[i] % names.Count], names[ends[i + 1] % names.Count]);
                        sketch.Wire($"{i}", a, b);
                        Join(a, b);
                    }

                    for (var i = 0; i < switches; i++)
                    {
                        if (!open[i])
                        {
                            Join($"S{i}:1", $"S{i}:2");
                        }
                    }

                    var job = sketch.Job();
                    var opened = job.Devices.Values.Where(d => open[d.Name[1] - '0']).Select(d => d.Id).ToHashSet();
                    var components = new Dictionary<string, int>(StringComparer.Ordinal);
                    graph.ConnectedComponents(components);
                    Assert.All(names, name =>
                        Assert.Equal(
                            components
                                .Where(c => c.Value == components[name])
                                .Select(c => c.Key)
                                .Order(StringComparer.Ordinal),
                            new NetworkWalk(job, throughContacts: true, opened)
                                .From(At(job, name))
                                .Select(r => r.Landing!.Name)
                                .Order(StringComparer.Ordinal)
                        )
                    );
                }
            );

    /// <summary>The same of all networks of a job at once: every joint that has a wire is in one, and in one only.</summary>
    [Fact]
    public void The_networks_of_a_job_are_what_a_graph_library_says() =>
        Gen.Select(Gen.Int[2, 12], Gen.Int[0, 11].Array[0, 30])
            .Sample(
                (count, ends) =>
                {
                    var sketch = new Sketch().Box("B");
                    var graph = new UndirectedGraph<string, UndirectedEdge<string>>();
                    for (var i = 0; i < count; i++)
                    {
                        sketch.Splice("B", $"J{i}");
                        graph.AddVertex($"J{i}");
                    }

                    for (var i = 0; i + 1 < ends.Length; i += 2)
                    {
                        var (a, b) = ($"J{ends[i] % count}", $"J{ends[i + 1] % count}");
                        sketch.Wire($"{i}", a, b);
                        graph.AddEdge(string.CompareOrdinal(a, b) <= 0 ? new(a, b) : new(b, a));
                    }

                    var components = new Dictionary<string, int>(StringComparer.Ordinal);
                    graph.ConnectedComponents(components);
                    Assert.Equal(
                        components
                            .Where(c => graph.AdjacentDegree(c.Key) > 0)
                            .GroupBy(c => c.Value, c => c.Key)
                            .Select(g => string.Join(' ', g.Order(StringComparer.Ordinal)))
                            .Order(StringComparer.Ordinal),
                        Network
                            .All(sketch.Job())
                            .Select(n => string.Join(' ', n.Landings.Select(l => l.Name).Order(StringComparer.Ordinal)))
                            .Order(StringComparer.Ordinal)
                    );
                }
            );

    /// <summary>
    /// 30 m of 12 AWG copper and 10 m of the same beyond a joint carry 16 A at 120 V: 1.98 Ω/1,000 ft at 75 °C (NEC
    /// chapter 9 table 8, solid, 1.93; stranded 1.98; from memory) make 40 m lose 6.7 to 7.1 %.
    /// </summary>
    [Fact]
    public void How_it_gets_to_a_receptacle_is_told_with_its_length_and_what_is_lost()
    {
        JobWire Metres(JobWire wire, double metres) => wire with { Length = new Length(metres * 1000) };
        var job = new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", 20, c => c with { Volts = 120, LoadAmps = 16 })
            .Splice("B", "J")
            .Receptacle("B", "R")
            .Wire("1", "Q:1", "J", WireFunction.Line, "1", Ends.Wire("12"), w => Metres(w, 30))
            .Wire("2", "J", "R.brass1", WireFunction.Line, "1", Ends.Wire("12"), w => Metres(w, 10))
            .Job();
        var feed = Assert.Single(Feed.Of(job, At(job, "R.brass1")));
        Assert.Equal(
            ("Q", "P/Q:1 – wire 1 – B/J – wire 2 – B/R.brass1", 40_000.0),
            (feed.Breaker.Name, feed.Way.ToString(), feed.Length!.Value.Millimetres)
        );
        Assert.InRange(feed.DropPercent!.Value, 6.6, 7.1);
        Assert.EndsWith(
            "% of 120 V is lost on the way at 16 A; 3 % is the usual advice.",
            Ends.Read(feed.Says!),
            StringComparison.Ordinal
        );
        Assert.Empty(Feed.Of(job, At(job, "R.silver1")));
    }

    /// <summary>Each way begins where the walk began, ends where it came to, and each of its wires joins what it stands between.</summary>
    [Fact]
    public void A_way_can_be_walked()
    {
        foreach (var job in CleanJobs.All.Values.Select(make => make().Job()))
        {
            foreach (var landing in job.Landings.Values)
            {
                foreach (var reached in new NetworkWalk(job, throughContacts: true).From(landing))
                {
                    Assert.Equal(landing.Id, reached.Way.Stops[0].LandingId);
                    Assert.Equal(reached.Landing?.Id, reached.Way.Stops[^1].LandingId);
                    for (var i = 1; i < reached.Way.Stops.Count - 1; i++)
                    {
                        if (reached.Way.Stops[i].WireId is { } wire)
                        {
                            Guid?[] between = [reached.Way.Stops[i - 1].LandingId, reached.Way.Stops[i + 1].LandingId];
                            Assert.Equivalent(
                                new[] { job.Wires[wire].A.LandingId, job.Wires[wire].B.LandingId },
                                between
                            );
                        }
                    }
                }
            }
        }
    }

    [Fact]
    public void A_switch_is_traced_through_only_where_that_is_asked()
    {
        var job = CleanJobs.All["dwelling"]().Job();
        var from = At(job, "Q1:1");
        Assert.Equal(
            ["Q1:1", "SW:1"],
            Trace.Of(job, from, throughContacts: false).Reached.Select(r => r.Landing!.Name)
        );
        var through = Trace.Of(job, from, throughContacts: true);
        Assert.Contains(through.Reached, r => r.Landing!.Name == "H:Line1");
        Assert.Equal([Potential.Line, Potential.Switched], through.Says);
    }

    /// <summary>Two legs share a box: with one open the other is still there (common practice: test every conductor).</summary>
    [Fact]
    public void What_another_breaker_feeds_in_the_same_box_stays_live()
    {
        var sketch = CleanJobs.All["dwelling"]().Breaker("P", "Q3").Circuit("3").Receptacle("K", "K3");
        var job = sketch.Wire("30", "Q3:1", "K3.brass1", WireFunction.Line, "3").Job();
        var opened = Opened.Of(job, job.Devices.Values.Single(d => d.Name == "Q2"));
        Assert.Contains(opened.Dead, r => r.Landing!.Name == "K2.brass1");
        var live = Assert.Single(opened.Live);
        Assert.Equal(("K3.brass1", "P/Q3:1 – wire 30 – K/K3.brass1"), (live.Landing!.Name, live.Way.ToString()));
        // With their handles tied both are open, whichever of them is opened.
        var other = job.Devices.Values.Single(d => d.Name == "Q3");
        var undo = job.Apply([EntityChange.Put(other with { TiedTo = "q2" })]);
        var tied = Opened.Of(job, job.Devices.Values.Single(d => d.Name == "Q2"));
        Assert.Equal(["Q2", "Q3"], tied.Devices.Select(d => d.Name));
        Assert.Contains(tied.Dead, r => r.Landing!.Name == "K3.brass1");
        Assert.Empty(tied.Live);
        job.Apply(undo);
        var sources = EnclosureSources.Of(job, job.Enclosures.Values.Single(e => e.Name == "K").Id);
        Assert.Equal(["Q2", "Q3"], sources.Breakers.Select(b => b.Breaker.Name));
        Assert.Throws<ImpossibleInputException>(() =>
            Opened.Of(job, job.Devices.Values.First(d => d.Type == DeviceType.NeutralBar))
        );
    }
}
