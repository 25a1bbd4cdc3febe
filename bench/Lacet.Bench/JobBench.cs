using System.Diagnostics;
using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Tests;

namespace Lacet.Bench;

/// <summary>
/// Jobs of 1,000 to 100,000 wires: judging and planning every end, as a ratio to reading the same rows through Dapper
/// in the same run; judging again after one edit; memory; and importing a list.
/// </summary>
internal static class JobBench
{
    private const int Runs = 7;

    internal static async Task RunAsync()
    {
        // The first of them warms the code up.
        foreach (var wires in new[] { 10_000, 1_000, 10_000, 100_000 })
        {
            await JobOfAsync(wires);
        }

        Networks(10_000);
        Chain(2_000);
        ListBench.Run();
    }

    private static async Task JobOfAsync(int wires)
    {
        var folder = Directory.CreateTempSubdirectory("lacet-bench-").FullName;
        using var database = LacetDatabase.Open(folder);
        var jobs = new JobsTable(database, TimeProvider.System);
        var person = await Somebody.AddAsync(database);
        var title = new JobTitle(Guid.NewGuid(), "bench") { Order = 1 };
        var edits = Parts(wires)
            .Prepend(title)
            .Select(p => new JobEdit(p.Id, p.Kind.ToString().ToLowerInvariant(), PartJson.Write(p), 0))
            .ToList();
        await jobs.ApplyAsync(new(new JobCommand(Guid.NewGuid(), title.Id, person, "bench", edits), "{}"), default);
        edits.Clear();

        var (read, judged) = (new List<double>(), new List<double>());
        var before = Settled();
        JudgedJob? job = null;
        for (var run = 0; run < Runs; run++)
        {
            job = null;
            job = Judge(title, await ReadAsync(jobs, title.Id, read), judged);
        }

        var memory = (Settled() - before) / 1024.0 / 1024;
        var one = job!.Job.Wires.Values.ElementAt(wires / 2);
        var edit = new List<double>();
        for (var run = 0; run < 50; run++)
        {
            var started = Stopwatch.GetTimestamp();
            var (undo, _) = job.Apply([
                EntityChange.Put(one with { Function = WireFunction.Neutral, Conductor = null }),
            ]);
            edit.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
            job.Apply(undo);
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Job of {wires:#,0} wires: read through Dapper {Median(read):0} ms, judged and planned {Median(judged):0} ms, ratio {Median(judged) / Median(read):0.0}; {Median(judged) * 1000 / wires:0.0} µs a wire; one edit {Median(edit):0.00} ms; {memory:0} MB; {job.Findings.Count():#,0} findings"
            )
        );
        GC.KeepAlive(job);
    }

    private static async Task<List<JobPart>> ReadAsync(JobsTable jobs, Guid id, List<double> times)
    {
        var started = Stopwatch.GetTimestamp();
        var rows = await jobs.PartsAsync(id);
        times.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        return [.. rows.Select(r => PartJson.Parse(r.Body)).Where(p => p.Kind != EntityKind.Title)];
    }

    /// <summary>By itself, so that nothing but the job is held when its memory is looked at.</summary>
    [MethodImpl(MethodImplOptions.NoInlining)]
    private static JudgedJob Judge(JobTitle title, List<JobPart> parts, List<double> times)
    {
        var started = Stopwatch.GetTimestamp();
        var job = new JudgedJob(new Job(title, parts));
        times.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        return job;
    }

    /// <summary>Every landing traced through closed contacts, and every contradiction looked for.</summary>
    private static void Networks(int wires)
    {
        var job = new Job(new JobTitle(Guid.NewGuid(), "bench") { Order = 1 }, Parts(wires));
        var (found, walked, claimed) = (new List<double>(), new List<double>(), new List<double>());
        for (var run = 0; run < Runs; run++)
        {
            var started = Stopwatch.GetTimestamp();
            _ = Network.All(job).Count();
            found.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
            started = Stopwatch.GetTimestamp();
            foreach (var landing in job.Landings.Values)
            {
                _ = new NetworkWalk(job, throughContacts: true).From(landing);
            }

            walked.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
            started = Stopwatch.GetTimestamp();
            foreach (var landing in job.Landings.Values)
            {
                _ = Contradiction.At(job, landing);
            }

            claimed.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Networks of {wires:#,0} wires: all of them found {Median(found):0} ms, every landing traced {Median(walked):0} ms, contradictions looked for {Median(claimed):0} ms"
            )
        );
    }

    /// <summary>Panels of a hundred landings, circuits of twenty wires, most of it right and some of it not.</summary>
    internal static IEnumerable<JobPart> Parts(int wires)
    {
        var block = new ScrewClampBlock(
            new(0.5, 4, new Length(9)),
            TorqueMarking.OfRange(0.5, 0.8, TorqueUnit.NewtonMetre)
        );
        var wire = new[] { "14 AWG", "2.5 mm²" }
            .Select(size => Conductor.Of(ConductorSize.Parse(size), Build.FineStranded, Material.Copper))
            .ToList();
        Guid enclosure = default,
            device = default,
            circuit = default;
        for (var i = 0; i < wires; i++)
        {
            if (i % 50 == 0)
            {
                enclosure = Guid.NewGuid();
                device = Guid.NewGuid();
                yield return new Enclosure(enclosure, $"P{i / 50}", EnclosureForm.Panel) { Order = i + 1 };
                yield return new Device(device, enclosure, "X1", DeviceType.Block) { Order = i + 1 };
            }

            if (i % 20 == 0)
            {
                circuit = Guid.NewGuid();
                yield return new Circuit(circuit, $"C{i / 20}")
                {
                    Order = i + 1,
                    OcpdAmps = i % 60 == 0 ? 20 : 16,
                    Volts = 230,
                    LoadAmps = 8,
                };
            }

            var ends = (A: Guid.NewGuid(), B: Guid.NewGuid());
            yield return Landing(ends.A, (2 * i) + 1);
            yield return Landing(ends.B, (2 * i) + 2);
            yield return Wire(i, ends, wire[i % 7 == 0 ? 0 : 1], circuit);
        }

        JobLanding Landing(Guid id, int order) =>
            new(id, enclosure, $"X1:{order - 1}")
            {
                Order = order,
                DeviceId = device,
                Landing = block,
            };
    }

    private static JobWire Wire(int i, (Guid A, Guid B) ends, Conductor conductor, Guid? circuit) =>
        new(
            Guid.NewGuid(),
            $"{i}",
            new(Guid.NewGuid()) { LandingId = ends.A },
            new(Guid.NewGuid()) { LandingId = ends.B }
        )
        {
            Order = i + 1,
            Conductor = conductor,
            Colour = new(i % 11 == 0 ? Hue.White : Hue.Black),
            Function = WireFunction.Line,
            CircuitId = circuit,
            Length = new Length(4000),
        };

    /// <summary>Joints in a row are one network, all of which an edit of one wire looks at.</summary>
    private static void Chain(int joints)
    {
        var enclosure = new Enclosure(Guid.NewGuid(), "P", EnclosureForm.Panel) { Order = 1 };
        var block = new ScrewClampBlock(new(0.5, 4, new Length(9)), null) { TakesTwo = true };
        var landings = Enumerable
            .Range(0, joints)
            .Select(i => new JobLanding(Guid.NewGuid(), enclosure.Id, $"X:{i}") { Order = i + 1, Landing = block })
            .ToList();
        var conductor = Conductor.Of(ConductorSize.Parse("2.5 mm²"), Build.FineStranded, Material.Copper);
        var wires = landings
            .Zip(landings.Skip(1))
            .Select((pair, i) => Wire(i, (pair.First.Id, pair.Second.Id), conductor, null))
            .ToList();
        var job = new JudgedJob(
            new Job(new JobTitle(Guid.NewGuid(), "bench") { Order = 1 }, [enclosure, .. landings, .. wires])
        );
        var edit = new List<double>();
        for (var run = 0; run < 20; run++)
        {
            var started = Stopwatch.GetTimestamp();
            job.Apply([EntityChange.Put(wires[joints / 2] with { Name = $"edit {run}" })]);
            edit.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"One network of {joints:#,0} landings: one edit {Median(edit):0.0} ms"
            )
        );
    }

    private static double Median(List<double> values) => values.Order().ElementAt(values.Count / 2);

    private static long Settled()
    {
        GC.Collect();
        GC.WaitForPendingFinalizers();
        return GC.GetTotalMemory(forceFullCollection: true);
    }
}
