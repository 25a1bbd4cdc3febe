namespace Lacet.Store;

/// <summary>An event that is to be appended.</summary>
/// <param name="Id">Made by the client, so that sending twice stores once.</param>
/// <param name="RequestDigest">Digest of what was sent: the same id with other content is a conflict.</param>
/// <param name="Corrects">The event that it takes back; null for none.</param>
/// <param name="Write">Its bytes, written once its place is known: its sequence and the hash of the one before.</param>
/// <param name="Job">The job that it is about; null at the Bench.</param>
/// <param name="End">The end of a wire that it is about; null for none.</param>
public sealed record NewEvent(Guid Id, string RequestDigest, Guid? Corrects, Func<long, string, byte[]> Write, Guid? Job = null, Guid? End = null);
