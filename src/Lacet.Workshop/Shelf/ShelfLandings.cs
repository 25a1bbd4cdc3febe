using System.Text.Json;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;
using Lacet.Store;

namespace Lacet.Workshop.Shelf;

/// <summary>Landings of the Shelf, as they are used in a job and at the Bench.</summary>
public sealed class ShelfLandings(ShelfTable shelf)
{
    /// <summary>A landing with its data: one that is named by its id is taken from the Shelf.</summary>
    public async Task<LandingDocument> ResolveAsync(LandingDocument landing) =>
        landing.Id is not { } id ? landing
        : await shelf.FindAsync(id) is { } row && Read(row) is LandingItem item ? item.ForTheBench(id)
        : throw new ImpossibleInputException("landing.id", "There is no such landing on the Shelf.");

    /// <summary>A landing of the Shelf; throws where there is none of this id.</summary>
    internal async Task<Landing> FindAsync(Guid id) => (await ResolveAsync(new LandingDocument { Id = id })).Read();

    /// <summary>Finds landings by their code, whatever its case.</summary>
    public async Task<Func<string, LandingDocument?>> ByCodeAsync()
    {
        var landings = (await shelf.AllAsync("landing")).ToDictionary(r => r.Code, StringComparer.OrdinalIgnoreCase);
        return code =>
            landings.TryGetValue(code.Trim(), out var row) && Read(row) is LandingItem item
                ? item.ForTheBench(row.Id)
                : null;
    }

    /// <summary>An item as it is written.</summary>
    public static ShelfItemDocument Read(ShelfItemRow row) =>
        JsonSerializer.Deserialize<ShelfItemDocument>(row.Body, Json.Options)!;
}
