using System.Security.Cryptography;
using System.Text;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>
/// The code by which the first lead comes in, while there is nobody yet. It is printed where Lacet was started, is made
/// anew at each start, and is kept nowhere.
/// </summary>
public sealed class FirstLead(AccountsTable accounts)
{
    /// <summary>The code, to be printed.</summary>
    public string Code { get; } = Codes.New();

    /// <summary>Whether it is still waited for.</summary>
    public async Task<bool> IsAwaitedAsync() => !await accounts.AnyAsync();

    internal bool Is(string typed) =>
        CryptographicOperations.FixedTimeEquals(
            Encoding.UTF8.GetBytes(Codes.Plain(typed)),
            Encoding.UTF8.GetBytes(Codes.Plain(Code))
        );
}
