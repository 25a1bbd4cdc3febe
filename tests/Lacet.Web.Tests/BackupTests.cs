using System.IO.Compression;
using Dapper;
using Lacet.Store;
using Microsoft.Data.Sqlite;

namespace Lacet.Web.Tests;

/// <summary>What is taken away whole comes back whole, or is refused before anything is touched.</summary>
public sealed class BackupTests
{
    /// <summary>A flip of any one bit: anywhere in the file, the comment and the headers too.</summary>
    [Fact]
    public async Task A_flipped_bit_anywhere_is_refused_and_nothing_is_touched()
    {
        var archive = await ArchiveAsync();
        var whole = await File.ReadAllBytesAsync(archive, TestContext.Current.CancellationToken);
        var random = new Random(1);
        var places = Enumerable.Range(0, 60).Select(_ => random.Next(whole.Length * 8));
        foreach (
            var bit in places.Concat([0, 7, (whole.Length * 8) - 1, (whole.Length - 70) * 8, (whole.Length - 100) * 8])
        )
        {
            var damaged = (byte[])whole.Clone();
            damaged[bit / 8] ^= (byte)(1 << (bit % 8));
            var file = archive + ".damaged";
            await File.WriteAllBytesAsync(file, damaged, TestContext.Current.CancellationToken);
            var folder = NewFolder();
            var refusal = await Record.ExceptionAsync(() => Restore.FromAsync(file, folder, CancellationToken.None));
            Assert.True(
                refusal is DataFolderException,
                $"bit {bit} of {whole.Length * 8}: {refusal?.ToString() ?? "restored"}"
            );
            Assert.False(
                Directory.Exists(folder) || Directory.Exists(folder + ".restoring"),
                $"bit {bit} left something behind"
            );
        }
    }

    /// <summary>
    /// An archive of the first versions bears no hash: its database and its record are checked all the same.
    /// </summary>
    [Fact]
    public async Task An_archive_without_a_hash_is_restored_and_one_whose_record_is_not_whole_is_not()
    {
        var folder = await FolderAsync();
        var archive = Zipped(folder);
        var back = NewFolder();
        await Restore.FromAsync(archive, back, CancellationToken.None);
        Assert.True(File.Exists(Path.Combine(back, LacetDatabase.FileName)));

        using (var connection = Connect(folder))
        {
            connection.Execute(
                "DROP TRIGGER event_no_update; UPDATE event SET bytes = CAST('x' AS BLOB) WHERE sequence = 1"
            );
        }

        var refusal = await Assert.ThrowsAsync<DataFolderException>(() =>
            Restore.FromAsync(Zipped(folder), NewFolder(), CancellationToken.None)
        );
        Assert.Contains("Event 1 was changed after it was received.", refusal.Message, StringComparison.Ordinal);
    }

    /// <summary>What an old database left is not the new one's; taken for it, it would damage it.</summary>
    [Fact]
    public async Task Leftovers_beside_the_place_are_set_aside()
    {
        var archive = await ArchiveAsync();
        var folder = NewFolder();
        Directory.CreateDirectory(folder);
        await File.WriteAllTextAsync(
            Path.Combine(folder, LacetDatabase.FileName + "-wal"),
            "old",
            TestContext.Current.CancellationToken
        );
        await Restore.FromAsync(archive, folder, CancellationToken.None);
        Assert.Equal(
            "old",
            await File.ReadAllTextAsync(
                Path.Combine(folder, LacetDatabase.FileName + "-wal.old"),
                TestContext.Current.CancellationToken
            )
        );
        await using var server = await RunningServer.StartAsync(folder);
        Assert.Equal(1, await server.EventsAsync());
    }

    /// <summary>
    /// Killed, a backup leaves its half beside the target: the next one takes no notice and cleans up.
    /// </summary>
    [Fact]
    public async Task What_a_killed_backup_left_hinders_no_other_one()
    {
        var folder = await FolderAsync();
        var target = NewFolder() + ".zip";
        foreach (var left in new[] { ".part", ".copy.part", ".copy.part-journal" })
        {
            await File.WriteAllTextAsync(target + left, "half", TestContext.Current.CancellationToken);
        }

        Backup.Write(folder, target);
        Assert.Equal([target], Directory.GetFiles(Path.GetDirectoryName(target)!, Path.GetFileName(target) + "*"));
        await Restore.FromAsync(target, NewFolder(), CancellationToken.None);
    }

    [Fact]
    public async Task A_backup_and_all_of_the_data_folder_are_their_owner_s_alone()
    {
        var before = Directory.GetFiles(Path.GetTempPath(), "lacet-*.db").Length;
        var folder = await FolderAsync();
        var target = NewFolder() + ".zip";
        Backup.Write(folder, target);
        Assert.Equal(before, Directory.GetFiles(Path.GetTempPath(), "lacet-*.db").Length);
        if (OperatingSystem.IsWindows())
        {
            return;
        }

        const UnixFileMode Mine = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        Assert.Equal(Mine | UnixFileMode.UserExecute, File.GetUnixFileMode(folder));
        foreach (var file in Directory.GetFiles(folder).Append(target))
        {
            Assert.Equal(Mine, File.GetUnixFileMode(file));
        }
    }

    [Fact]
    public async Task A_target_inside_the_data_folder_is_refused()
    {
        var folder = await FolderAsync();
        var refusal = Assert.Throws<DataFolderException>(() => Backup.Write(folder, Path.Combine(folder, "b.zip")));
        Assert.Contains("inside the data folder", refusal.Message, StringComparison.Ordinal);
    }

    /// <summary>What a later version added would be lost here without a word.</summary>
    [Fact]
    public async Task A_database_of_a_newer_version_is_not_opened_and_not_changed()
    {
        var folder = await FolderAsync();
        using (var connection = Connect(folder))
        {
            connection.Execute(
                "INSERT INTO SchemaVersions (ScriptName, Applied) VALUES ('Lacet.Store.Migrations.9999-later.sql', '2030-01-01')"
            );
        }

        var refusal = Assert.Throws<DataFolderException>(() => LacetDatabase.Open(folder));
        Assert.Contains("newer Lacet", refusal.Message, StringComparison.Ordinal);
        var archive = Zipped(folder);
        Assert.Contains(
            "newer Lacet",
            (
                await Assert.ThrowsAsync<DataFolderException>(() =>
                    Restore.FromAsync(archive, NewFolder(), CancellationToken.None)
                )
            ).Message,
            StringComparison.Ordinal
        );
    }

    /// <summary>A database that may grow no further is a full disk to SQLite.</summary>
    [Fact]
    public async Task A_full_disk_is_said_and_what_was_stored_is_there()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var database =
            Microsoft.Extensions.DependencyInjection.ServiceProviderServiceExtensions.GetRequiredService<LacetDatabase>(
                bench.Server.Services
            );
        database.Opened = connection => connection.Execute("PRAGMA max_page_count = 1");
        var (status, problem) = await bench.TypeAsync(
            job,
            Enumerable
                .Range(1, 400)
                .Select(i =>
                    (object)
                        new
                        {
                            name = $"{i}",
                            from = $"X1:{i}",
                            size = "2.5",
                            colour = "black",
                        }
                )
                .ToArray()
        );
        Assert.Equal(HttpStatusCode.InsufficientStorage, status);
        Assert.StartsWith("The disk is full.", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Empty(await bench.WiresAsync(job));
        database.Opened = null;
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.TypeAsync(
                    job,
                    new
                    {
                        name = "1",
                        from = "X1:1",
                        size = "2.5",
                    }
                )
            ).Status
        );
        Assert.Single(await bench.WiresAsync(job));
    }

    private static async Task<string> FolderAsync()
    {
        await using var server = await RunningServer.StartAsync();
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        return server.Folder;
    }

    private static async Task<string> ArchiveAsync()
    {
        var archive = NewFolder() + ".zip";
        Backup.Write(await FolderAsync(), archive);
        return archive;
    }

    private static string Zipped(string folder)
    {
        var archive = NewFolder() + ".zip";
        using var zip = ZipFile.Open(archive, ZipArchiveMode.Create);
        zip.CreateEntryFromFile(Path.Combine(folder, LacetDatabase.FileName), LacetDatabase.FileName);
        return archive;
    }

    private static string NewFolder() => Path.Combine(Path.GetTempPath(), $"lacet-test-{Guid.NewGuid():N}");

    private static SqliteConnection Connect(string folder)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = Path.Combine(folder, LacetDatabase.FileName),
                Pooling = false,
            }.ToString()
        );
        connection.Open();
        return connection;
    }
}
