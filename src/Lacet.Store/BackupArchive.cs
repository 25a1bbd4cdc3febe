using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;

namespace Lacet.Store;

/// <summary>
/// The archive of a backup: a zip whose comment, its last bytes, is the hash of everything before them. So one flipped
/// bit anywhere in it is noticed before anything is touched.
/// </summary>
internal static class BackupArchive
{
    private const string Mark = "lacet-backup/1 sha256 ";
    private const int Digits = 64;

    internal static void Write(string database, string file)
    {
        using (var stream = DataFiles.Open(file, FileMode.Create))
        using (var archive = new ZipArchive(stream, ZipArchiveMode.Create))
        {
            archive.Comment = Mark + new string('0', Digits);
            archive.CreateEntryFromFile(database, LacetDatabase.FileName);
        }

        using var written = new FileStream(file, FileMode.Open, FileAccess.ReadWrite);
        var hash = Hash(written);
        written.Seek(-Digits, SeekOrigin.End);
        written.Write(Encoding.ASCII.GetBytes(hash));
        written.Flush(flushToDisk: true);
    }

    /// <summary>
    /// Puts its database into a file of its own; throws a sentence where the archive is not as it was written.
    /// </summary>
    internal static void Extract(string file, string database)
    {
        try
        {
            using var stream = File.OpenRead(file);
            using var archive = new ZipArchive(stream, ZipArchiveMode.Read, leaveOpen: true);
            if (archive.Entries is not [{ Name: LacetDatabase.FileName } entry])
            {
                throw new DataFolderException($"{file} is no Lacet backup.", null);
            }

            // Those of the first versions bear no hash: the database in them is checked all the same.
            if (archive.Comment.Length > 0)
            {
                Check(file, stream, archive.Comment);
            }

            using var from = entry.Open();
            using var to = DataFiles.Open(database, FileMode.CreateNew);
            from.CopyTo(to);
        }
        catch (Exception exception)
            when (exception
                    is InvalidDataException
                        or NotSupportedException
                        or ArgumentException
                        or EndOfStreamException
            )
        {
            throw new DataFolderException(
                $"The backup {file} is damaged: {exception.Message} Nothing was changed.",
                exception
            );
        }
    }

    private static void Check(string file, FileStream stream, string comment)
    {
        var position = stream.Position;
        if (!string.Equals(comment, Mark + Hash(stream), StringComparison.Ordinal))
        {
            throw new DataFolderException(
                $"The backup {file} is damaged: it is not as it was written. Nothing was changed.",
                null
            );
        }

        stream.Position = position;
    }

    /// <summary>Of everything but the last bytes, where it stands itself.</summary>
    private static string Hash(FileStream stream)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        stream.Position = 0;
        var left = stream.Length - Digits;
        var buffer = new byte[81920];
        while (left > 0 && stream.Read(buffer, 0, (int)Math.Min(buffer.Length, left)) is > 0 and var read)
        {
            hash.AppendData(buffer, 0, read);
            left -= read;
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset());
    }
}
