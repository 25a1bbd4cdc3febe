namespace Lacet.Core.Jobs;

/// <summary>
/// Metal that joins terminals beside each other without a wire: a plug-in bridge or a jumper bar of blocks, a comb of
/// breakers, a link of bars.
/// </summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Landings">The terminals that it joins, at least two, in one enclosure, each once.</param>
public sealed record JobBridge(Guid Id, IReadOnlyList<Guid> Landings) : JobPart(Id)
{
    /// <summary>As many poles as the longest that is sold has, with room (common practice).</summary>
    public const int MostLandings = 100;

    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Bridge;

    /// <summary>How it joins them.</summary>
    public BridgeForm Form { get; init; }

    /// <summary>The current that is printed on it or in its sheet, A; null where nobody said.</summary>
    public double? RatingAmps { get; init; }

    /// <summary>Whether two are the same; landings are compared one by one, as they are kept.</summary>
    public bool Equals(JobBridge? other) =>
        other is not null
        && (Id, Order, Form, RatingAmps) == (other.Id, other.Order, other.Form, other.RatingAmps)
        && Landings.SequenceEqual(other.Landings);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Id, Order, Form, RatingAmps, Landings.Count);
}
