namespace Lacet.Web.Hosting;

/// <summary>The command cannot be followed; the message is one sentence.</summary>
internal sealed class UsageException(string message) : Exception(message);
