namespace Lacet.Web.Hosting;

/// <summary>A file in the data folder that only its owner may read.</summary>
internal static class PrivateFile
{
    internal static void Write(string file, ReadOnlySpan<byte> bytes)
    {
        var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }

        using var stream = new FileStream(file, options);
        stream.Write(bytes);
    }
}
