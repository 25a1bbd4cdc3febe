namespace Lacet.Store;

/// <summary>The Shelf moved on since it was looked at, or a code is taken: nothing was changed.</summary>
public sealed class ShelfConflictException : Exception
{
    /// <summary>Says what, in a sentence.</summary>
    public ShelfConflictException(string sentence)
        : base(sentence) { }
}
