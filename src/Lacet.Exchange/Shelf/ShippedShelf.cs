using System.Text.Json;

namespace Lacet.Exchange.Shelf;

/// <summary>
/// What lies on the Shelf before anybody puts something there: generic entries for every kind, codes invented.
/// </summary>
public static class ShippedShelf
{
    /// <summary>The entries.</summary>
    public static IReadOnlyList<ShelfItemDocument> Items { get; } = Read();

    private static IReadOnlyList<ShelfItemDocument> Read()
    {
        using var stream = typeof(ShippedShelf).Assembly.GetManifestResourceStream("shipped-shelf.json")!;
        return JsonSerializer.Deserialize<ShelfDocument>(stream, Json.Options)!.Items;
    }
}
