namespace Lacet.Store;

/// <summary>The data folder cannot be used; the message is one sentence for the person who started Lacet.</summary>
public sealed class DataFolderException(string message, Exception? inner) : Exception(message, inner);
