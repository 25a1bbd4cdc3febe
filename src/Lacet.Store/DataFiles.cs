namespace Lacet.Store;

/// <summary>Files that hold what people did: read and written by their owner alone.</summary>
internal static class DataFiles
{
    private const UnixFileMode OwnerFile = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private const UnixFileMode OwnerFolder = OwnerFile | UnixFileMode.UserExecute;

    /// <summary>Makes a folder if it is absent, and keeps it to its owner.</summary>
    internal static void MakeFolder(string folder)
    {
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(folder);
            return;
        }

        Directory.CreateDirectory(folder, OwnerFolder);
        if (File.GetUnixFileMode(folder) != OwnerFolder)
        {
            File.SetUnixFileMode(folder, OwnerFolder);
        }
    }

    /// <summary>Opens a file for writing that only its owner may read.</summary>
    internal static FileStream Open(string file, FileMode mode, FileShare share = FileShare.None)
    {
        var options = new FileStreamOptions
        {
            Mode = mode,
            Access = FileAccess.ReadWrite,
            Share = share,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnerFile;
        }

        return new FileStream(file, options);
    }

    /// <summary>Keeps what is there to its owner; what is not there is left.</summary>
    internal static void Keep(params ReadOnlySpan<string> files)
    {
        foreach (var file in files)
        {
            if (!OperatingSystem.IsWindows() && File.Exists(file))
            {
                File.SetUnixFileMode(file, OwnerFile);
            }
        }
    }
}
