using System.IO.Compression;
using System.Text.RegularExpressions;

namespace Lacet.Bench;

/// <summary>
/// The JavaScript that the first page names, gzipped; what other places load later is listed beside it.
/// </summary>
internal static partial class FirstLoad
{
    internal static void Run(string webRoot)
    {
        var page = File.ReadAllText(Path.Combine(webRoot, "index.html"));
        foreach (
            var file in Directory.EnumerateFiles(Path.Combine(webRoot, "assets"), "*.js").Order(StringComparer.Ordinal)
        )
        {
            var first = Scripts()
                .Matches(page)
                .Any(m => m.Value.EndsWith(Path.GetFileName(file), StringComparison.Ordinal));
            Console.WriteLine(
                $"{(first ? "First-load" : "Later")} JavaScript {Path.GetFileName(file)}: {Gzipped(file) / 1024.0:0.0} kB gzipped"
            );
        }
    }

    private static long Gzipped(string file)
    {
        using var counted = new MemoryStream();
        using (var gzip = new GZipStream(counted, CompressionLevel.Optimal, leaveOpen: true))
        {
            gzip.Write(File.ReadAllBytes(file));
        }

        return counted.Length;
    }

    [GeneratedRegex(@"/assets/[\w.-]+\.js", RegexOptions.None, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Scripts();
}
