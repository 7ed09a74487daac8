# frozen_string_literal: true

module Server
  module Middleware
    # A save may be sent again with the key that it had (Idempotency-Key) where its answer was lost on the way: it is done
    # once, and answered as it was. The key is kept in one transaction with what it changes: both are there, or neither.
    class Once
      KEY = "HTTP_IDEMPOTENCY_KEY"
      # A word made up for one save.
      WORD = /\A[0-9A-Za-z-]{16,64}\z/
      # What says who somebody is, and links that are told once, are never kept.
      APART = %r{\A/api/(?:session|account)|/link\z}
      # Longer answers are not kept.
      MOST = 1_000_000

      def initialize(app)
        @app = app
      end

      def call(env)
        word = env[KEY]
        return @app.call(env) if word.nil? || env["REQUEST_METHOD"] == "GET" || APART.match?(Access.path(env))
        return Problem.at("/Idempotency-Key", "is no key: allowed are 16 to 64 letters, digits and dashes").answer unless WORD.match?(word)

        once(key(env, word), env)
      end

      private

      # Of whoever asks, at the address that it was asked at.
      def key(env, word)
        whose = [Access.account&.id, Access::Current.maker_id]
        Models::Secret.digest([*whose, env["REQUEST_METHOD"], env["PATH_INFO"], word].join(" "))
      end

      def once(key, env)
        done(key, env)
      rescue ActiveRecord::RecordNotUnique
        Models::KeptAnswer.find_by!(key: key).answer
      end

      # What a resource does inside is a part of its own, which may fail by itself. That something was saved is said only once the
      # transaction that holds key and change has ended well: where the database goes in the midst of that nobody knows, and it is asked
      # again with its key.
      def done(key, env)
        answer = nil
        saved = Models::KeptAnswer.transaction(joinable: false) do
          kept = Models::KeptAnswer.begin(key, Access.account)
          answer = @app.call(env)
          raise ActiveRecord::Rollback unless saved?(answer)

          keep(kept, *answer)
        end
        saved || answer
      rescue *Database::GONE
        answer.nil? || saved?(answer) ? Problem.database_gone.answer("retry-after" => "2") : answer
      end

      def saved?(answer)
        answer.first.between?(200, 299)
      end

      def keep(kept, status, headers, body)
        text = +""
        body.each { |part| text << part }
        body.close if body.respond_to?(:close)
        text.bytesize > MOST ? kept.destroy! : kept.update!(status: status, body: text)
        [status, headers, [text]]
      end
    end
  end
end
