using System.Text.Json;
using Lacet.Exchange;
using Lacet.Store;
using Lacet.Web.Records;

namespace Lacet.Web.Hosting;

/// <summary>Fills an empty data folder with the demo records, in the shapes that the product itself takes.</summary>
internal sealed class DemoLoader(string file, Recorder recorder, EventsTable events, PeopleTable people, ReadingsTable readings) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (await events.CountAsync() > 0)
        {
            return;
        }

        await using var stream = File.OpenRead(file);
        var demo = await JsonSerializer.DeserializeAsync<DemoDocument>(stream, Json.Options, cancellationToken)
            ?? throw new DataFolderException($"{file} holds no demo data.", null);
        foreach (var reading in demo.Readings)
        {
            await readings.AddAsync(reading, cancellationToken);
        }

        foreach (var entry in demo.Records)
        {
            var person = await people.EnsureAsync(entry.Person, cancellationToken);
            await recorder.RecordAsync(
                entry.Record with { PersonId = person.Id }, entry.Record.ClaimedAt.AddSeconds(2), cancellationToken);
        }
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}

/// <summary>The demo's records.</summary>
/// <param name="Readings">Peaks of the stand-in that the records name.</param>
/// <param name="Records">Who recorded what, oldest first.</param>
internal sealed record DemoDocument(IReadOnlyList<ReadingRow> Readings, IReadOnlyList<DemoRecord> Records);

/// <summary>A record and the name of who made it.</summary>
/// <param name="Person">The name.</param>
/// <param name="Record">As a client would send it.</param>
internal sealed record DemoRecord(string Person, NewRecord Record);
