using System.Diagnostics;
using System.Globalization;
using System.Text;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Store;

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
        // The first thousand warm the code up.
        foreach (var wires in new[] { 1_000, 1_000, 10_000, 100_000 })
        {
            await JobOfAsync(wires);
        }

        Import(20_000);
    }

    private static async Task JobOfAsync(int wires)
    {
        var folder = Directory.CreateTempSubdirectory("lacet-bench-").FullName;
        using var database = LacetDatabase.Open(folder);
        var jobs = new JobsTable(database, TimeProvider.System);
        var person = (
            await new PeopleTable(database, TimeProvider.System).EnsureAsync("bench", name => name, default)
        ).Id;
        var title = new TitleDocument
        {
            Id = Guid.NewGuid(),
            Order = 1,
            Name = "bench",
        };
        var edits = Parts(wires)
            .Prepend(title)
            .Select(p => new JobEdit(p.Id, p.Kind.ToString().ToLowerInvariant(), p.Write(), 0))
            .ToList();
        await jobs.ApplyAsync(new(new JobCommand(Guid.NewGuid(), title.Id, person, "bench", edits), "{}"), default);
        edits.Clear();

        var (read, judged) = (new List<double>(), new List<double>());
        var before = Settled();
        JudgedJob? job = null;
        for (var run = 0; run < Runs; run++)
        {
            job = null;
            var started = Stopwatch.GetTimestamp();
            var rows = await jobs.PartsAsync(title.Id);
            read.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
            var parts = rows.Select(r => JobPartDocument.Parse(r.Body))
                .Where(p => p.Kind != EntityKind.Title)
                .Select(p => p.Read())
                .ToList();
            started = Stopwatch.GetTimestamp();
            job = new JudgedJob(new Job(title.Read(), parts));
            judged.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
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

    /// <summary>Panels of a hundred landings, circuits of twenty wires, most of it right and some of it not.</summary>
    internal static IEnumerable<JobPartDocument> Parts(int wires)
    {
        var block = new ScrewClampBlockDocument
        {
            LeastMm2 = 0.5,
            MostMm2 = 4,
            StripDepthMm = 9,
            TorqueMarking = new TorqueMarkingDocument("N·m", Least: 0.5, Most: 0.8),
        };
        Guid enclosure = default,
            device = default,
            circuit = default;
        for (var i = 0; i < wires; i++)
        {
            if (i % 50 == 0)
            {
                enclosure = Guid.NewGuid();
                device = Guid.NewGuid();
                yield return new EnclosureDocument
                {
                    Id = enclosure,
                    Order = i + 1,
                    Name = $"P{i / 50}",
                };
                yield return new DeviceDocument
                {
                    Id = device,
                    Order = i + 1,
                    EnclosureId = enclosure,
                    Name = "X1",
                };
            }

            if (i % 20 == 0)
            {
                circuit = Guid.NewGuid();
                yield return new CircuitDocument
                {
                    Id = circuit,
                    Order = i + 1,
                    Name = $"C{i / 20}",
                    OcpdAmps = i % 60 == 0 ? 20 : 16,
                    Volts = 230,
                    LoadAmps = 8,
                };
            }

            var (a, b) = (Guid.NewGuid(), Guid.NewGuid());
            yield return new JobLandingDocument
            {
                Id = a,
                Order = (2 * i) + 1,
                EnclosureId = enclosure,
                DeviceId = device,
                Name = $"X1:{2 * i}",
                Landing = block,
            };
            yield return new JobLandingDocument
            {
                Id = b,
                Order = (2 * i) + 2,
                EnclosureId = enclosure,
                DeviceId = device,
                Name = $"X1:{(2 * i) + 1}",
                Landing = block,
            };
            yield return new WireDocument
            {
                Id = Guid.NewGuid(),
                Order = i + 1,
                Name = $"{i}",
                Conductor = new ConductorDocument(
                    i % 7 == 0 ? "14 AWG" : "2.5 mm²",
                    Lacet.Core.Conductors.Build.FineStranded
                ),
                Colour = i % 11 == 0 ? "white" : "black",
                Function = WireFunction.Line,
                CircuitId = circuit,
                LengthMm = 4000,
                A = new EndDocument { Id = Guid.NewGuid(), LandingId = a },
                B = new EndDocument { Id = Guid.NewGuid(), LandingId = b },
            };
        }
    }

    private static void Import(int rows)
    {
        var text = new StringBuilder("Wire;From;From type;To;To type;Size;Colour;Function;Circuit;Breaker;Length\r\n");
        for (var i = 0; i < rows; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{i};P{i / 50}/X1:{i};screw clamp;P{i / 50}/X2:{i};spring cage;{(i % 3 == 0 ? "14 AWG" : "2,5")};black;line;C{i / 20};16 A;3,2 m\r\n"
            );
        }

        var file = Encoding.UTF8.GetBytes(text.ToString());
        var took = new List<double>();
        for (var run = 0; run < 3; run++)
        {
            var started = Stopwatch.GetTimestamp();
            var sheet = SheetReader.Read(file, null, default)[0];
            var (heading, columns) = Headings.Find(sheet)!.Value;
            var list = new WireListReader(columns, new Dictionary<string, string>(StringComparer.Ordinal), _ =>
                null
            ).Read(sheet, heading, new Dictionary<(int, ColumnMeaning), string>(), null, default);
            _ = ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid);
            took.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Import of {rows:#,0} rows, read and planned: {Median(took):0} ms, {rows / Median(took) * 1000:#,0} rows a second"
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
