using Lacet.Core.Conductors;
using Lacet.Core.Splices;

namespace Lacet.Exchange.Jobs;

/// <summary>A combination on a connector’s sheet: conductors of one size, or of several.</summary>
/// <param name="Of">How many of each size.</param>
public sealed record CombinationDocument(IReadOnlyList<CountedSizeDocument> Of)
{
    /// <summary>Writes a combination.</summary>
    public static CombinationDocument Write(IReadOnlyList<CountedSize> combination) =>
        new([.. combination.Select(s => new CountedSizeDocument(s.Count, s.Size.Name))]);

    /// <summary>The combination.</summary>
    public IReadOnlyList<CountedSize> Read() => [.. Of.Select(s => s.Read("connector.combinations"))];
}

/// <summary>So many conductors of a size.</summary>
/// <param name="Count">How many.</param>
/// <param name="Size">As people write it.</param>
public sealed record CountedSizeDocument(int Count, string Size)
{
    /// <summary>Read; a size that is none is told under the field’s name.</summary>
    public CountedSize Read(string field) => new(Count, ConductorSize.Parse(Size, field));
}
