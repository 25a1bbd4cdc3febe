using System.Text.Json;
using Lacet.Core.People;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Jobs;
using Lacet.Web.People;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.People;
using Lacet.Workshop.Records;

namespace Lacet.Web.Hosting;

/// <summary>Fills an empty data folder with the demo, in the shapes that the product itself takes.</summary>
internal sealed class DemoLoader(
    string folder,
    string dataFolder,
    Recorder recorder,
    NewJobs jobs,
    JobEditor editor,
    EventsTable events,
    DemoPeople demo,
    Accounts accounts,
    ReadingsTable readings
) : IHostedService
{
    /// <summary>The demo opens on this one.</summary>
    private const string JobFile = "dome.job.json";

    /// <summary>
    /// One of everything that is found, and a survey. They come first: the list of jobs begins with what came last.
    /// </summary>
    private static readonly string[] Others = ["house.job.json", "gallery.job.json"];

    /// <summary>
    /// Stands in the data folder while the demo is loaded. Found at a start, loading was cut short: every part of it is
    /// known by its id and stored once, so it is simply done again.
    /// </summary>
    private const string Unfinished = "demo.loading";

    public async Task StartAsync(CancellationToken cancellationToken)
    {
        await demo.AddAsync(cancellationToken);
        var unfinished = Path.Combine(dataFolder, Unfinished);
        if (!File.Exists(unfinished))
        {
            if (await events.CountAsync() > 0)
            {
                return;
            }

            await File.WriteAllTextAsync(unfinished, "", cancellationToken);
        }

        await LoadAsync(cancellationToken);
        File.Delete(unfinished);
    }

    private async Task LoadAsync(CancellationToken cancellationToken)
    {
        var work = await ReadAsync<DemoWork>("dome-work.json", cancellationToken);
        var maker = await ActorAsync(work.Maker);
        foreach (var other in Others)
        {
            await TakeInAsync(other, maker.Person, cancellationToken);
        }

        var document = await TakeInAsync(JobFile, maker.Person, cancellationToken);
        var bench = await ReadAsync<DemoDocument>("bench-records.json", cancellationToken);
        foreach (var reading in bench.Readings)
        {
            await readings.AddAsync(reading, cancellationToken);
        }

        // In the order in which they happened, as they would have been received.
        await RecordAsync([.. work.Records.Concat(bench.Records).OrderBy(r => r.Record.ClaimedAt)], cancellationToken);
        foreach (var (person, command) in work.Commands)
        {
            var by = await ActorAsync(person);
            await editor.ChangeAsync(
                document.Job.Id,
                command.Id,
                by.Person,
                _ => (command.Says ?? "Changed.", command.Changes),
                cancellationToken
            );
        }
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    /// <summary>Where the demo begins: its job, once that is there.</summary>
    internal static string? FirstPage(ServerOptions options)
    {
        if (options.DemoFolder is not { } folder)
        {
            return null;
        }

        using var job = JsonDocument.Parse(File.ReadAllBytes(Path.Combine(folder, JobFile)));
        return $"/jobs/{job.RootElement.GetProperty("job").GetProperty("id").GetGuid()}/findings";
    }

    private async Task<JobDocument> TakeInAsync(string file, Guid maker, CancellationToken cancellationToken)
    {
        var document = JobDocument.Read(await File.ReadAllBytesAsync(Path.Combine(folder, file), cancellationToken));
        await jobs.CreateAsync(document, maker, $"Imported {document.Job.Name}.", cancellationToken);
        return document;
    }

    private async Task RecordAsync(IReadOnlyList<DemoRecord> records, CancellationToken cancellationToken)
    {
        foreach (var entry in records)
        {
            await recorder.RecordAsync(
                entry.Record,
                await ActorAsync(entry.Person),
                entry.Record.ClaimedAt.AddSeconds(2),
                cancellationToken
            );
        }
    }

    private async Task<Actor> ActorAsync(string name) =>
        await accounts.FindAsync(name) is { } row
            ? new(row.Person, Roles.Read(row.Role), Proof.Password)
            : throw new DataFolderException($"{name} is not one of the demo’s people.", null);

    private async Task<T> ReadAsync<T>(string name, CancellationToken cancellationToken)
    {
        await using var stream = File.OpenRead(Path.Combine(folder, name));
        return await JsonSerializer.DeserializeAsync<T>(stream, Json.Options, cancellationToken)
            ?? throw new DataFolderException($"{name} holds no demo data.", null);
    }
}

/// <summary>The demo's records of the Bench.</summary>
/// <param name="Readings">Peaks of the stand-in that the records name.</param>
/// <param name="Records">Who recorded what, oldest first.</param>
internal sealed record DemoDocument(IReadOnlyList<ReadingRow> Readings, IReadOnlyList<DemoRecord> Records);

/// <summary>What was done in the demo's job.</summary>
/// <param name="Maker">Who brought it in.</param>
/// <param name="Records">Who recorded what at which end, oldest first.</param>
/// <param name="Commands">What was changed after that.</param>
internal sealed record DemoWork(string Maker, IReadOnlyList<DemoRecord> Records, IReadOnlyList<DemoCommand> Commands);

/// <summary>A record and the name of who made it.</summary>
/// <param name="Person">The name.</param>
/// <param name="Record">As a client would send it.</param>
internal sealed record DemoRecord(string Person, NewRecord Record);

/// <summary>A command and the name of who gave it.</summary>
/// <param name="Person">The name.</param>
/// <param name="Command">As a client would send it.</param>
internal sealed record DemoCommand(string Person, NewCommand Command);
