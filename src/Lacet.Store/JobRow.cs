namespace Lacet.Store;

/// <summary>A job in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Summary">What its card shows, as JSON.</param>
/// <param name="ChangedAt">When it was last changed.</param>
/// <param name="ChangedBy">Who did it, by name.</param>
public sealed record JobRow(Guid Id, string Summary, DateTimeOffset ChangedAt, string ChangedBy);
