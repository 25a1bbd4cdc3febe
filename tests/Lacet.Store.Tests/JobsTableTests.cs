using Dapper;
using Lacet.Store;
using Lacet.Tests;

namespace Lacet.Store.Tests;

/// <summary>
/// Jobs in the store, without anything above it: commands whole or not at all, versions that only go up.
/// </summary>
public sealed class JobsTableTests : IAsyncDisposable
{
    private readonly string _folder = Path.Combine(Path.GetTempPath(), $"lacet-test-{Guid.NewGuid():N}");
    private readonly LacetDatabase _database;
    private readonly JobsTable _jobs;
    private readonly Guid _job = Guid.NewGuid();

    public JobsTableTests()
    {
        _database = LacetDatabase.Open(_folder);
        _jobs = new JobsTable(_database, TimeProvider.System);
    }

    public ValueTask DisposeAsync()
    {
        _database.Dispose();
        Directory.Delete(_folder, recursive: true);
        return ValueTask.CompletedTask;
    }

    [Fact]
    public async Task A_command_that_meets_a_conflict_stores_nothing_of_itself()
    {
        var (a, b) = (Guid.NewGuid(), Guid.NewGuid());
        await ApplyAsync(new JobEdit(a, "wire", "{\"v\":1}", 0));
        var conflict = await Assert.ThrowsAsync<JobConflictException>(() =>
            ApplyAsync(new JobEdit(b, "wire", "{}", 0), new JobEdit(a, "wire", "{\"v\":2}", 0))
        );
        Assert.Equal((a, "{\"v\":1}", 1L), (conflict.Part, conflict.Now!.Body, conflict.Now.Version));
        Assert.Equal([a], (await _jobs.PartsAsync(_job)).Select(p => p.Id));
        Assert.Equal(1, await _jobs.LastSequenceAsync(_job));
    }

    [Fact]
    public async Task A_part_that_is_gone_is_told_as_gone()
    {
        var conflict = await Assert.ThrowsAsync<JobConflictException>(() =>
            ApplyAsync(new JobEdit(Guid.NewGuid(), "wire", "{}", 3))
        );
        Assert.Null(conflict.Now);
        Assert.Contains("took it out", conflict.Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_same_command_twice_is_stored_once()
    {
        var part = Guid.NewGuid();
        var command = new JobCommand(
            Guid.NewGuid(),
            _job,
            await PersonAsync(),
            "says",
            [new JobEdit(part, "wire", "{}", 0)]
        );
        Assert.Equal(1, (await _jobs.ApplyAsync(new(command, "{}"), default))!.Sequence);
        Assert.Null(await _jobs.ApplyAsync(new(command, "{}"), default));
        Assert.Equal(1, (await _jobs.PartsAsync(_job)).Single().Version);
    }

    [Fact]
    public async Task Undoing_gives_back_what_was_before_and_only_once()
    {
        var part = Guid.NewGuid();
        await ApplyAsync(new JobEdit(part, "wire", "{\"v\":1}", 0));
        var second = await ApplyAsync(new JobEdit(part, "wire", "{\"v\":2}", 1));
        var (says, undo) = (await _jobs.UndoOfAsync(_job, second))!.Value;
        Assert.Equal(("does it", "{\"v\":1}", 2L), (says, undo.Single().Body, undo.Single().Version));
        await _jobs.ApplyAsync(
            new(new JobCommand(Guid.NewGuid(), _job, await PersonAsync(), "undo", undo, second), "{}"),
            default
        );
        var now = (await _jobs.PartsAsync(_job)).Single();
        Assert.Equal(("{\"v\":1}", 3L), (now.Body, now.Version));
        Assert.Null(await _jobs.UndoOfAsync(_job, second));
        Assert.Null(await _jobs.UndoOfAsync(Guid.NewGuid(), second));
    }

    [Fact]
    public async Task What_was_taken_out_and_put_back_goes_on_counting()
    {
        var part = Guid.NewGuid();
        await ApplyAsync(new JobEdit(part, "wire", "{}", 0));
        await ApplyAsync(new JobEdit(part, "wire", "{}", 1));
        var removal = await ApplyAsync(new JobEdit(part, "wire", null, 2));
        var (_, undo) = (await _jobs.UndoOfAsync(_job, removal))!.Value;
        await _jobs.ApplyAsync(
            new(new JobCommand(Guid.NewGuid(), _job, await PersonAsync(), "undo", undo, removal), "{}"),
            default
        );
        Assert.Equal(3, (await _jobs.PartsAsync(_job)).Single().Version);
    }

    [Fact]
    public async Task The_history_is_newest_first_and_pages()
    {
        for (var i = 0; i < 5; i++)
        {
            await ApplyAsync(new JobEdit(Guid.NewGuid(), "wire", "{}", 0));
        }

        Assert.Equal([5L, 4, 3], (await _jobs.CommandsAsync(_job, long.MaxValue, 3)).Select(c => c.Sequence));
        Assert.Equal([2L, 1], (await _jobs.CommandsAsync(_job, 3, 3)).Select(c => c.Sequence));
        Assert.All(await _jobs.CommandsAsync(_job, long.MaxValue, 9), c =>
            Assert.Equal(("bench", 1), (c.Person, c.Parts))
        );
    }

    [Fact]
    public async Task A_job_that_is_put_away_is_listed_no_more_and_lost_in_nothing()
    {
        await ApplyAsync(new JobEdit(Guid.NewGuid(), "wire", "{}", 0));
        Assert.True(await _jobs.SetRemovedAsync(_job, removed: true, default));
        Assert.False(await _jobs.SetRemovedAsync(_job, removed: true, default));
        Assert.Empty(await _jobs.ListAsync(0, 10));
        Assert.False(await _jobs.ExistsAsync(_job));
        Assert.True(await _jobs.ExistsAsync(_job, removedToo: true));
        Assert.True(await _jobs.SetRemovedAsync(_job, removed: false, default));
        Assert.Equal(_job, (await _jobs.ListAsync(0, 10)).Single().Id);
        Assert.Single(await _jobs.PartsAsync(_job));
    }

    [Fact]
    public async Task A_change_is_undone_over_one_that_was_undone_itself()
    {
        var part = Guid.NewGuid();
        await ApplyAsync(new JobEdit(part, "wire", "{\"v\":1}", 0));
        var second = await ApplyAsync(new JobEdit(part, "wire", "{\"v\":2}", 1));
        var third = await ApplyAsync(new JobEdit(part, "wire", "{\"v\":3}", 2));
        await UndoAsync(third);
        await UndoAsync(second);
        Assert.Equal(
            ("{\"v\":1}", 5L),
            ((await _jobs.PartsAsync(_job)).Single().Body, (await _jobs.PartsAsync(_job)).Single().Version)
        );
    }

    [Fact]
    public async Task What_is_not_as_a_change_left_it_is_not_undone()
    {
        var part = Guid.NewGuid();
        await ApplyAsync(new JobEdit(part, "wire", "{\"v\":1}", 0));
        var second = await ApplyAsync(new JobEdit(part, "wire", "{\"v\":2}", 1));
        await ApplyAsync(new JobEdit(part, "wire", "{\"v\":3}", 2));
        await Assert.ThrowsAsync<JobConflictException>(() => UndoAsync(second));
        Assert.Equal("{\"v\":3}", (await _jobs.PartsAsync(_job)).Single().Body);
    }

    [Fact]
    public async Task A_part_that_was_put_in_and_taken_out_comes_back_and_goes_again()
    {
        var part = Guid.NewGuid();
        var put = await ApplyAsync(new JobEdit(part, "wire", "{\"v\":1}", 0));
        var taken = await ApplyAsync(new JobEdit(part, "wire", null, 1));
        Assert.Empty(await _jobs.PartsAsync(_job));
        await UndoAsync(taken);
        Assert.Equal(2, (await _jobs.PartsAsync(_job)).Single().Version);
        await UndoAsync(put);
        Assert.Empty(await _jobs.PartsAsync(_job));
    }

    [Fact]
    public async Task Of_several_parts_one_that_moved_on_keeps_all_of_them()
    {
        var (a, b) = (Guid.NewGuid(), Guid.NewGuid());
        var both = await ApplyAsync(new JobEdit(a, "wire", "{\"v\":1}", 0), new JobEdit(b, "wire", "{\"v\":1}", 0));
        await ApplyAsync(new JobEdit(b, "wire", "{\"v\":2}", 1));
        await Assert.ThrowsAsync<JobConflictException>(() => UndoAsync(both));
        Assert.Equal(2, (await _jobs.PartsAsync(_job)).Count);
    }

    private async Task UndoAsync(Guid command)
    {
        var (says, edits) = (await _jobs.UndoOfAsync(_job, command))!.Value;
        await _jobs.ApplyAsync(
            new(new JobCommand(Guid.NewGuid(), _job, await PersonAsync(), $"Undid: {says}", edits, command), "{}"),
            default
        );
    }

    private async Task<Guid> ApplyAsync(params JobEdit[] edits)
    {
        var id = Guid.NewGuid();
        await _jobs.ApplyAsync(new(new JobCommand(id, _job, await PersonAsync(), "does it", edits), "{}"), default);
        return id;
    }

    /// <summary>
    /// What a command left a part as is told by what came after it, also where the part was taken out and put in again
    /// under the same id, with versions that begin anew.
    /// </summary>
    [Fact]
    public async Task What_a_part_became_is_known_of_every_command()
    {
        var (part, other) = (Guid.NewGuid(), Guid.NewGuid());
        (string? Body, long Version)[] steps =
        [
            ("{\"v\":1}", 0),
            ("{\"v\":2}", 1),
            (null, 2),
            ("{\"v\":3}", 0),
            ("{\"v\":4}", 1),
        ];
        var commands = new List<Guid>();
        foreach (var (body, version) in steps)
        {
            commands.Add(await ApplyAsync(new JobEdit(part, "wire", body, version)));
            await ApplyAsync(new JobEdit(other, "wire", "{}", commands.Count - 1));
        }

        foreach (var (command, (body, _)) in commands.Zip(steps))
        {
            Assert.Equal(body, Assert.Single((await _jobs.FindCommandAsync(command))!.Edits).After);
        }

        // One command that changes a part twice.
        var twice = await ApplyAsync(
            new JobEdit(part, "wire", "{\"v\":5}", 2),
            new JobEdit(part, "wire", "{\"v\":6}", 3)
        );
        Assert.Equal(["{\"v\":5}", "{\"v\":6}"], (await _jobs.FindCommandAsync(twice))!.Edits.Select(e => e.After));
        Assert.Equal("{\"v\":4}", (await _jobs.FindCommandAsync(commands[^1]))!.Edits.Single().After);
    }

    /// <summary>
    /// A job that a killed server was making is not there, hinders nothing, and is gone after the next start.
    /// </summary>
    [Fact]
    public async Task A_job_that_was_not_finished_is_taken_out_at_the_next_start()
    {
        var making = Guid.NewGuid();
        var command = new JobCommand(
            Guid.NewGuid(),
            making,
            await PersonAsync(),
            "makes it",
            [new JobEdit(making, "title", "{}", 0)]
        );
        Assert.True(await _jobs.MakeAsync([command], Task.FromResult("{}"), default));
        await using (var connection = await _database.ConnectAsync())
        {
            await connection.ExecuteAsync("UPDATE job SET removed = 2 WHERE id = @id", new { id = making.ToString() });
        }

        Assert.False(await _jobs.ExistsAsync(making, removedToo: true));
        Assert.Null(await _jobs.FindCommandAsync(command.Id));
        Assert.False(await _jobs.SetRemovedAsync(making, removed: false, default));
        Assert.False(await _jobs.SetRemovedAsync(making, removed: true, default));
        _database.Dispose();
        using var again = LacetDatabase.Open(_folder);
        await using var reading = await again.ConnectAsync();
        Assert.Equal(
            0,
            await reading.ExecuteScalarAsync<long>(
                "SELECT (SELECT count(*) FROM job WHERE id = @id) + (SELECT count(*) FROM job_part WHERE job = @id) + (SELECT count(*) FROM job_command WHERE job = @id) + (SELECT count(*) FROM job_change WHERE command = @command)",
                new { id = making.ToString(), command = command.Id.ToString() }
            )
        );
        Assert.True(
            await new JobsTable(again, TimeProvider.System).MakeAsync([command], Task.FromResult("{}"), default)
        );
    }

    private Guid? _person;

    private async Task<Guid> PersonAsync() => _person ??= await Somebody.AddAsync(_database, "bench");
}
