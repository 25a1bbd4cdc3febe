using Lacet.Core.Jobs;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Devices;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Tests;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Lists;
using Lacet.Workshop.Records;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Tests;

/// <summary>What people do, without HTTP: each deed gives its outcome, and what it gave is what is stored.</summary>
public sealed class DeedTests : IAsyncDisposable
{
    private readonly string _folder = Path.Combine(Path.GetTempPath(), $"lacet-test-{Guid.NewGuid():N}");
    private readonly LacetDatabase _database;
    private readonly JobsTable _jobs;
    private readonly EventsTable _events;
    private readonly OpenJobs _open;
    private readonly JobEditor _editor;
    private readonly NewJobs _newJobs;
    private readonly Recorder _recorder;
    private readonly PendingImports _imports;
    private readonly ImportAcceptance _acceptance;
    private readonly Feed<JobChanged> _feed = new();

    public DeedTests()
    {
        _database = LacetDatabase.Open(_folder);
        var time = TimeProvider.System;
        var people = new PeopleTable(_database);
        var shelf = new ShelfLandings(new ShelfTable(_database, time));
        var resolver = new ChangeResolver(shelf);
        _jobs = new(_database, time);
        _events = new(_database, _jobs);
        _open = new(_jobs, _events);
        _editor = new(_open, _jobs, people, resolver, _feed);
        _newJobs = new(_open, _jobs, people, resolver);
        _recorder = new(
            _open,
            _editor,
            new Terminations(shelf, new ReadingsTable(_database, time)),
            new FreeLengths(_open, _jobs),
            _events,
            people,
            time
        );
        var layouts = new ListLayouts(new ListLayoutsTable(_database, time));
        _imports = new(_open, shelf, layouts, time);
        _acceptance = new(_imports, _editor, _newJobs, _jobs, layouts);
    }

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync()
    {
        _database.Dispose();
        Directory.Delete(_folder, recursive: true);
        return ValueTask.CompletedTask;
    }

    [Fact]
    public async Task A_change_is_done_once_and_answered_alike_when_it_is_sent_again()
    {
        var (job, ada) = await JobAsync();
        var put = Panel("DCP");
        var command = Guid.NewGuid();
        var first = await ChangeAsync(job, command, ada, new PartChange(put));
        var again = await ChangeAsync(job, command, ada, new PartChange(put));
        Assert.Equal(Done(first).Changed, Done(again).Changed);
        Assert.Equal((2, 2), (Done(first).Sequence, Done(again).Sequence));
        var other = Assert.IsType<Outcome<CommandDone>.Conflict>(
            await ChangeAsync(job, command, ada, new PartChange(Panel("Other")))
        );
        Assert.Contains("Added", other.Says, StringComparison.Ordinal);
        Assert.Equal(1, await _open.ReadAsync(job, j => (object)j.Job.Enclosures.Count, Cancellation));
    }

    [Fact]
    public async Task A_part_that_moved_on_is_shown_as_it_is_now_and_nothing_is_changed()
    {
        var (job, ada) = await JobAsync();
        var put = Panel("DCP");
        await ChangeAsync(job, Guid.NewGuid(), ada, new PartChange(put));
        await ChangeAsync(job, Guid.NewGuid(), ada, new PartChange(put with { Name = "DCP2" }, null, 1));
        var conflict = Assert.IsType<Outcome<CommandDone>.Conflict>(
            await ChangeAsync(job, Guid.NewGuid(), ada, new PartChange(put with { Name = "Mine" }, null, 1))
        );
        Assert.Equal(("DCP2", 2), (((Enclosure)conflict.Theirs!.Now!).Name, conflict.Theirs.Version));
        Assert.Equal("DCP2", await _open.ReadAsync(job, j => j.Job.Enclosures.Values.Single().Name, Cancellation));
    }

    [Fact]
    public async Task What_is_not_there_is_missing()
    {
        var (job, ada) = await JobAsync();
        Assert.IsType<Outcome<CommandDone>.Missing>(
            await ChangeAsync(Guid.NewGuid(), Guid.NewGuid(), ada, new PartChange(Panel("DCP")))
        );
        Assert.IsType<Outcome<CommandDone>.Missing>(
            await _editor.UndoAsync(job, Guid.NewGuid(), ada, Guid.NewGuid(), Cancellation)
        );
        Assert.IsType<Outcome<ImportAccepted>.Missing>(
            await _acceptance.AcceptAsync(Guid.NewGuid(), new(Guid.NewGuid()), ada, Cancellation)
        );
        await Assert.ThrowsAsync<ImpossibleInputException>(() =>
            ChangeAsync(job, Guid.NewGuid(), Guid.NewGuid(), new PartChange(Panel("DCP")))
        );
    }

    /// <summary>Undone twice under one id it is undone once; under another id there is nothing left to undo.</summary>
    [Fact]
    public async Task An_undoing_is_done_once()
    {
        var (job, ada) = await JobAsync();
        var command = Guid.NewGuid();
        await ChangeAsync(job, command, ada, new PartChange(Panel("DCP")));
        var undo = Guid.NewGuid();
        var first = Done(await _editor.UndoAsync(job, command, ada, undo, Cancellation));
        Assert.Equal(
            first,
            Done(await _editor.UndoAsync(job, command, ada, undo, Cancellation)) with
            {
                Changed = first.Changed,
            }
        );
        Assert.IsType<Outcome<CommandDone>.Missing>(
            await _editor.UndoAsync(job, command, ada, Guid.NewGuid(), Cancellation)
        );
        Assert.IsType<Outcome<CommandDone>.Conflict>(
            await _editor.UndoAsync(job, Guid.NewGuid(), ada, command, Cancellation)
        );
        Assert.Equal(0, await _open.ReadAsync(job, j => (object)j.Job.Enclosures.Count, Cancellation));
    }

    /// <summary>
    /// A list and its job are one transaction: made once, told by the wires when it is sent again, preview or none.
    /// </summary>
    [Fact]
    public async Task A_new_list_is_a_job_once()
    {
        var (_, ada) = await JobAsync();
        var pending = _imports.Begin(
            new ImportSettings(),
            "Wire;From;To;Size\n1;A/X1:1;A/X2:1;2,5\n2;A/X1:2;A/X2:2;2,5"
        );
        var accept = new AcceptImport(Guid.NewGuid(), "Listed");
        var first = Assert.IsType<Outcome<ImportAccepted>.Done>(
            await _acceptance.AcceptAsync(pending.Id, accept, ada, Cancellation)
        );
        _imports.Drop(pending);
        var again = Assert.IsType<Outcome<ImportAccepted>.Done>(
            await _acceptance.AcceptAsync(pending.Id, accept, ada, Cancellation)
        );
        Assert.Equal((true, false, first.Value), (first.IsNew, again.IsNew, again.Value));
        Assert.Equal(2, (await _jobs.ListAsync(0, 10)).Count);
        Assert.Equal(2, await _open.ReadAsync(first.Value.JobId, j => (object)j.Job.Wires.Count, Cancellation));
        // Made and kept open, it is what a new reading of it is.
        using var reread = new JobSession(await _jobs.PartsAsync(first.Value.JobId), 2);
        Assert.Equal(
            await _open.ReadAsync(
                first.Value.JobId,
                j => JobSummary.Of(j).Stops.ToString(System.Globalization.CultureInfo.InvariantCulture),
                Cancellation
            ),
            JobSummary.Of(reread).Stops.ToString(System.Globalization.CultureInfo.InvariantCulture)
        );
    }

    /// <summary>A record tells whoever listens, and stands though nobody waits for it any more.</summary>
    [Fact]
    public async Task A_record_is_stored_once_and_its_end_shows_it()
    {
        var (_, ada) = await JobAsync();
        var pending = _imports.Begin(
            new ImportSettings(),
            "Wire;From;From type;To;Size\n1;A/X1:1;spring cage;A/X2:1;2,5 fine"
        );
        var job = Assert
            .IsType<Outcome<ImportAccepted>.Done>(
                await _acceptance.AcceptAsync(pending.Id, new(Guid.NewGuid(), "Listed"), ada, Cancellation)
            )
            .Value.JobId;
        var wire = (await _open.ReadAsync(job, j => j.Job.Wires.Values.Single(), Cancellation))!;
        var record = new NewRecord(
            Guid.NewGuid(),
            "t",
            1,
            DateTimeOffset.UtcNow,
            Tightening: new(TighteningMethod.Seated),
            Subject: new(job, wire.Id, EndSide.A)
        );
        var by = new Actor(ada, Role.Lead, Proof.Password);
        Assert.Equal(Appended.Stored, (await _recorder.RecordAsync(record, by, Cancellation)).Appended);
        Assert.Equal(Appended.Repeated, (await _recorder.RecordAsync(record, by, Cancellation)).Appended);
        Assert.Equal(
            Appended.Conflict,
            (await _recorder.RecordAsync(record with { DeviceSequence = 2 }, by, Cancellation)).Appended
        );
        Assert.Equal(1, await _events.CountAsync());
        Assert.Equal(
            EndState.Landed,
            (await _open.ReadAsync(job, j => j.Progress(new(wire, EndSide.A)), Cancellation))!.State
        );
    }

    /// <summary>
    /// Sent four times at once, small or in pieces, a job is made by one of them, and by the others it is there.
    /// </summary>
    [Theory]
    [InlineData(3)]
    [InlineData(900)]
    public async Task A_job_that_is_made_four_times_at_once_is_made_once(int parts)
    {
        var ada = await Somebody.AddAsync(_database);
        var document = JobDocument.Of(
            new JobTitle(Guid.NewGuid(), "Dome") { Order = 1 },
            Enumerable.Range(1, parts).Select(i => Panel($"P{i}") with { Order = i })
        );
        var made = await Task.WhenAll(
            Enumerable
                .Range(0, 4)
                .Select(_ => Task.Run(() => _newJobs.CreateAsync(document, ada, "Made.", Cancellation)))
        );
        Assert.Single(made, m => m);
        Assert.Equal(parts + 1, (await _jobs.PartsAsync(document.Job.Id)).Count);
        Assert.Single(await _jobs.CommandsAsync(document.Job.Id, long.MaxValue, 10));
    }

    [Fact]
    public void An_outcome_keeps_what_it_is_when_its_value_is_looked_at_otherwise()
    {
        Assert.Equal(
            new Outcome<string>.Done("2", IsNew: false),
            new Outcome<int>.Done(2, IsNew: false).Select(v =>
                v.ToString(System.Globalization.CultureInfo.InvariantCulture)
            )
        );
        Assert.Equal(new Outcome<string>.Missing("gone"), new Outcome<int>.Missing("gone").Select(_ => ""));
        var theirs = new MovedPart(Guid.NewGuid(), null, 3);
        Assert.Equal(
            new Outcome<string>.Conflict("moved", theirs),
            new Outcome<int>.Conflict("moved", theirs).Select(_ => "")
        );
    }

    private static CommandDone Done(Outcome<CommandDone> outcome) =>
        Assert.IsType<Outcome<CommandDone>.Done>(outcome).Value;

    private static Enclosure Panel(string name) => new(Guid.NewGuid(), name, EnclosureForm.Panel) { Order = 1 };

    private Task<Outcome<CommandDone>> ChangeAsync(Guid job, Guid command, Guid person, params PartChange[] changes) =>
        _editor.ChangeAsync(job, command, person, _ => ("Added.", changes), Cancellation, asked: changes);

    private async Task<(Guid Job, Guid Ada)> JobAsync()
    {
        var ada = await Somebody.AddAsync(_database);
        var title = new JobTitle(Guid.NewGuid(), "Dome") { Order = 1 };
        Assert.True(await _newJobs.CreateAsync(JobDocument.Of(title, []), ada, "Made.", Cancellation));
        return (title.Id, ada);
    }
}
