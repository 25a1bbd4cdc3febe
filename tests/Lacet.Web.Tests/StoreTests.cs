using Lacet.Store;
using Lacet.Web.Hosting;

namespace Lacet.Web.Tests;

/// <summary>
/// The data folder: kept over starts, backed up while in use, and opened again by every later version.
/// </summary>
public sealed partial class StoreTests
{
    [Fact]
    public async Task What_was_recorded_is_there_after_a_new_start()
    {
        string folder,
            head;
        await using (var first = await RunningServer.StartAsync())
        {
            folder = first.Folder;
            await first.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
            head = (await first.GetAsync("/api/records/seal")).Json.GetProperty("head").GetString()!;
        }

        await using var second = await RunningServer.StartAsync(folder);
        Assert.Equal(head, (await second.GetAsync("/api/records/seal")).Json.GetProperty("head").GetString());
    }

    [Fact]
    public async Task A_backup_taken_while_it_runs_restores_to_the_same_chain()
    {
        await using var server = await RunningServer.StartAsync();
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        var archive = server.Folder + ".zip";
        var writing = Task.WhenAll(
            Enumerable
                .Range(0, 10)
                .Select(_ => server.PostAsync("/api/records", Requests.Termination(Requests.Typed())))
        );
        Backup.Write(server.Folder, archive);
        await writing;
        await Restore.FromAsync(archive, server.Folder + "-back", CancellationToken.None);
        await using var restored = await RunningServer.StartAsync(server.Folder + "-back");
        var (_, seal) = await restored.GetAsync("/api/records/seal");
        Assert.True(seal.GetProperty("isWhole").GetBoolean());
        Assert.InRange(seal.GetProperty("events").GetInt64(), 1, 11);
    }

    [Fact]
    public void A_folder_that_is_a_file_is_one_sentence()
    {
        var file = Path.GetTempFileName();
        var refusal = Assert.Throws<DataFolderException>(() => LacetDatabase.Open(file));
        Assert.Contains(file, refusal.Message, StringComparison.Ordinal);
        Assert.Single(refusal.Message.Split('\n'));
    }

    [Fact]
    public async Task A_folder_is_used_by_one_server_and_is_free_when_that_ends()
    {
        var first = await RunningServer.StartAsync();
        var refusal = await Assert.ThrowsAsync<DataFolderException>(() => RunningServer.StartAsync(first.Folder));
        Assert.StartsWith(
            $"Another Lacet uses the data folder {first.Folder}.",
            refusal.Message,
            StringComparison.Ordinal
        );
        var ada = await first.PersonAsync("Ada");
        await first.DisposeAsync();
        await using var again = await RunningServer.StartAsync(first.Folder);
        Assert.Equal(ada, await again.PersonAsync("Ada"));
    }

    [Fact]
    public void A_damaged_database_is_not_opened()
    {
        var folder = Directory.CreateTempSubdirectory("lacet-test-").FullName;
        File.WriteAllText(Path.Combine(folder, LacetDatabase.FileName), new string('x', 5000));
        Assert.Throws<DataFolderException>(() => LacetDatabase.Open(folder));
    }

    [Theory]
    [InlineData("journal_mode", "wal")]
    [InlineData("foreign_keys", "1")]
    [InlineData("synchronous", "2")]
    public async Task The_database_is_opened_with_care(string setting, string value)
    {
        using var database = LacetDatabase.Open(Directory.CreateTempSubdirectory("lacet-test-").FullName);
        await using var connection = await database.ConnectAsync();
        await using var command = connection.CreateCommand();
        command.CommandText = "SELECT * FROM pragma_" + setting;
        Assert.Equal(
            value,
            Convert.ToString(
                await command.ExecuteScalarAsync(TestContext.Current.CancellationToken),
                System.Globalization.CultureInfo.InvariantCulture
            )
        );
    }
}
