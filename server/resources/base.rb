# frozen_string_literal: true

module Server
  module Resources
    # What every resource shares: reading JSON, answering JSON, and turning what goes wrong into a
    # problem document. No answer ever carries a stack trace.
    class Base < Sinatra::Base
      configure do
        disable :show_exceptions, :dump_errors, :logging, :static, :protection
        enable :raise_errors
        set :host_authorization, {}
      end

      error OakenGauge::Documents::Invalid do |error|
        problem Problem.unreadable(error.faults)
      end

      error Problem do |error|
        problem error
      end

      error ActiveRecord::RecordNotFound do |error|
        problem Problem.missing("#{error.model.to_s.split('::').last.downcase} #{error.id}".strip)
      end

      # Two who add the same at once, and one who adds to what another has just removed.
      error ActiveRecord::RecordNotUnique do
        problem Problem.new(409, "This was added in another window at the same time.")
      end

      error ActiveRecord::InvalidForeignKey do
        problem Problem.new(404, "What this belongs to was removed in another window.")
      end

      # It waited for another for too long, or would have taken too long itself.
      error ActiveRecord::QueryCanceled, ActiveRecord::LockWaitTimeout do
        problem Problem.overdue
      end

      error ActiveRecord::StatementInvalid do |error|
        raise error unless Disk.full?(error)

        problem Problem.disk_full
      end

      error(*Database::GONE) do
        problem Problem.database_gone
      end

      private

      # @return [Models::Maker] whose bench it is asked of
      def maker
        @maker ||= Models::Maker.at_bench
      end

      def problem(error)
        headers["retry-after"] = "2" if error.status == 503
        halt error.status, { "content-type" => Problem::TYPE }, JSON.generate(error.to_document)
      end

      def answer(document, status: 200)
        content_type :json
        halt status, JSON.generate(document)
      end

      # @return [Object] the request's JSON, as large as {Middleware::BodyLimit} lets through
      def document
        @document ||= OakenGauge.read_text(request.body.read.to_s, whole: true)
      end

      # @return [Hash] what was sent, where it is an object; what it is otherwise, the core tells
      def object(sent)
        return sent if sent.is_a?(Hash)

        raise Problem.at("", "is #{sent.class.name.downcase}: allowed is an object")
      end

      # Reads the keys of the request's JSON, and raises all its faults together.
      def read(required: [], optional: [], &block)
        Reading.of(document, required: required, optional: optional, &block)
      end

      # Saves over the version that the sender saw, or says what changed in between.
      #
      # @param record [ActiveRecord::Base] as it stands now
      # @param version [Integer] as the sender saw it
      def save_over(record, version)
        raise conflict(record) unless record.lock_version == version

        record.class.transaction { yield record }
      rescue ActiveRecord::StaleObjectError
        raise conflict(record.class.find(record.id))
      end

      def conflict(record)
        Problem.new(409, "This was changed in another window after you opened it.", current: record.to_document)
      end
    end
  end
end
