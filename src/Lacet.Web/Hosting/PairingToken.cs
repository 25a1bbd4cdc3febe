using System.Security.Cryptography;
using System.Text;
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
            PrivateFile.Write(file, Encoding.ASCII.GetBytes(made + "\n"));
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
