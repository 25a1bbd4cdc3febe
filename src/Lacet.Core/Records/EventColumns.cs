namespace Lacet.Core.Records;

/// <summary>What is kept of an event beside its sealed bytes, to find it by.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Corrects">The event that it takes back.</param>
/// <param name="Job">Its job.</param>
/// <param name="End">The end of a wire.</param>
public sealed record EventColumns(string Id, string? Corrects, string? Job, string? End);
