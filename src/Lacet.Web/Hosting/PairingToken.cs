using System.Security.Cryptography;
using Lacet.Store;

namespace Lacet.Web.Hosting;

/// <summary>The secret that lets a tool in. It lies in the data folder, readable by its owner only.</summary>
internal static class PairingToken
{
    internal const string FileName = "pairing-token";

    internal static string Of(string folder)
    {
        var file = Path.Combine(folder, FileName);
        try
        {
            if (File.Exists(file) && File.ReadAllText(file).Trim() is { Length: >= 32 } token)
            {
                return token;
            }

            var made = RandomNumberGenerator.GetHexString(32, lowercase: true);
            var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
            if (!OperatingSystem.IsWindows())
            {
                options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            }

            using var stream = new FileStream(file, options);
            using var writer = new StreamWriter(stream);
            writer.WriteLine(made);
            return made;
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException)
        {
            throw new DataFolderException(
                $"The pairing token {file} cannot be read or written: {exception.Message}",
                exception
            );
        }
    }
}
