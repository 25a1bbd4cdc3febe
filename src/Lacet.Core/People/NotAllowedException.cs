namespace Lacet.Core.People;

/// <summary>Somebody may not do what was asked; nothing was changed. The message is one sentence.</summary>
/// <param name="message">Why, and who may.</param>
/// <param name="needsPassword">Whether they may, once they type their password.</param>
public sealed class NotAllowedException(string message, bool needsPassword = false) : Exception(message)
{
    /// <summary>Whether they may, once they type their password.</summary>
    public bool NeedsPassword { get; } = needsPassword;
}
