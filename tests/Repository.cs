namespace Lacet.Tests;

/// <summary>Files of the project that tests read beside their own: the demo, the documents.</summary>
internal static class Repository
{
    internal static string Root { get; } = Find();

    internal static string Of(params string[] parts) => Path.Combine([Root, .. parts]);

    private static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Lacet.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }
}
