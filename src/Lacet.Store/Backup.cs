using System.IO.Compression;

namespace Lacet.Store;

/// <summary>One archive (zip) of a data folder, taken while Lacet runs.</summary>
public static class Backup
{
    /// <summary>Writes the archive; what stood at that place before is replaced only once the new one is whole.</summary>
    public static void Write(string folder, string file)
    {
        if (!File.Exists(Path.Combine(folder, LacetDatabase.FileName)))
        {
            throw new DataFolderException($"There is no Lacet data in {folder}.", null);
        }

        var copy = Path.Combine(Path.GetTempPath(), $"lacet-{Guid.NewGuid():N}.db");
        var part = file + ".part";
        try
        {
            LacetDatabase.Copy(folder, copy);
            using (var archive = ZipFile.Open(part, ZipArchiveMode.Create))
            {
                archive.CreateEntryFromFile(copy, LacetDatabase.FileName);
            }

            File.Move(part, file, overwrite: true);
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException)
        {
            throw new DataFolderException($"The backup {file} cannot be written: {exception.Message}", exception);
        }
        finally
        {
            File.Delete(copy);
            File.Delete(part);
        }
    }

    /// <summary>Puts an archive back into a folder that holds no data yet.</summary>
    public static void Restore(string file, string folder)
    {
        try
        {
            var database = Path.Combine(folder, LacetDatabase.FileName);
            if (File.Exists(database))
            {
                throw new DataFolderException($"{folder} holds data already. Restore into an empty folder: --data DIR.", null);
            }

            using var archive = ZipFile.OpenRead(file);
            var entry = archive.GetEntry(LacetDatabase.FileName)
                ?? throw new DataFolderException($"{file} is no Lacet backup.", null);
            Directory.CreateDirectory(folder);
            entry.ExtractToFile(database);
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException or InvalidDataException)
        {
            throw new DataFolderException($"The backup {file} cannot be restored: {exception.Message}", exception);
        }
    }
}
