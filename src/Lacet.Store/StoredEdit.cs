namespace Lacet.Store;

/// <summary>A part as a stored command changed it.</summary>
/// <param name="Part">Which.</param>
/// <param name="Kind">What it is.</param>
/// <param name="WasThere">Whether it was there before.</param>
/// <param name="After">How the command left it; null where it took it out.</param>
public sealed record StoredEdit(Guid Part, string Kind, bool WasThere, string? After);
