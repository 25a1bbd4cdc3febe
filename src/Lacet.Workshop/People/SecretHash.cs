using Lacet.Core.People;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Lacet.Workshop.People;

/// <summary>
/// Passwords, PINs and codes as they are kept: by the framework’s own hasher, which is slow on purpose. Few are reckoned
/// at once, so that whoever sends many slows down the others who sign in and not those who work.
/// </summary>
public sealed class SecretHash(IOptions<PasswordHasherOptions> options) : IDisposable
{
    private const int AtOnce = 1;

    private readonly PasswordHasher<SecretHash> _hasher = new(options);
    private readonly SemaphoreSlim _gate = new(AtOnce, AtOnce);
    private string? _nobodys;

    /// <summary>The hash of a secret.</summary>
    public Task<string> OfAsync(string secret, CancellationToken cancellation) =>
        InTurnAsync(() => _hasher.HashPassword(this, secret), cancellation);

    /// <summary>
    /// Whether a secret is the one that was hashed. Where there is none, it takes as long to say no: nobody learns who
    /// works here by the time that an answer takes.
    /// </summary>
    public Task<bool> IsAsync(string? hash, string secret, CancellationToken cancellation) =>
        InTurnAsync(
            () =>
                _hasher.VerifyHashedPassword(
                    this,
                    hash ?? (_nobodys ??= _hasher.HashPassword(this, Codes.New())),
                    secret.Length <= Secrets.LongestPassword ? secret : ""
                ) != PasswordVerificationResult.Failed
                && hash is not null,
            cancellation
        );

    private async Task<T> InTurnAsync<T>(Func<T> reckon, CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        try
        {
            return await Task.Run(reckon, cancellation);
        }
        finally
        {
            _gate.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _gate.Dispose();
}
